package nobrec.core.address;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import nobrec.core.address.AddressCheck.Finding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PostalFormTest {

    private static PostalAddress address(String country, String state, String code) {
        return new PostalAddress("Tern Marine", "", "5 Quay Street", "", "Port", state, code, country);
    }

    private static List<Finding> check(String country, String state, String code) {
        return ForeignCheck.of(address(country, state, code));
    }

    @Test
    void thereAreFortyCountriesAndEachFitsItsOwnExample() {
        List<String> countries = new ArrayList<>();
        PostalForm.countries().forEach(countries::add);
        assertThat(countries).hasSizeGreaterThanOrEqualTo(40);
        for (String country : countries) {
            PostalForm form = PostalForm.of(country).orElseThrow();
            if (form.demand() != PostalForm.Demand.NONE) {
                assertThat(form.fits(form.example())).as(country).isTrue();
                assertThat(form.fits("@@@@@")).as(country).isFalse();
            }
        }
    }

    /**
     * Source: the samples that the registry's package postal-codes-js 2.5.2 (Apache License 2.0) tests itself with, by another
     * hand than the table's. Read otherwise on purpose: marks that are missing or too many are another notation of the same code
     * (Ireland, Poland, Portugal), Portugal's code without its second part is in CLDR's table, and Taiwan has six digits since 2020.
     */
    @Test
    void samplesOfAnotherHandAreReadTheSameWay() throws IOException {
        int read = 0;
        List<String> otherwise = new ArrayList<>();
        for (String line : samples()) {
            String[] parts = line.split("\t", -1);
            boolean valid = parts[1].equals("valid");
            read++;
            if (PostalForm.of(parts[0]).orElseThrow().fits(parts[2]) != valid) {
                otherwise.add(line);
            }
        }
        assertThat(read).isGreaterThan(200);
        assertThat(otherwise)
                .containsExactlyInAnyOrder(
                        "IE\tinvalid\ty63  1fhk",
                        "PL\tinvalid\t44100",
                        "PT\tinvalid\t1234 123",
                        "PT\tinvalid\t1234567",
                        "PT\tinvalid\t1255",
                        "TW\tinvalid\t101010");
    }

    private static List<String> samples() throws IOException {
        try (InputStream file = PostalFormTest.class.getResourceAsStream("/postal-code-samples.tsv")) {
            return new String(Objects.requireNonNull(file).readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "CA, Ontario, m5v2t6, ON, M5V 2T6",
        "CA, québec, H2Y 1C6, QC, H2Y 1C6",
        "AU, New South Wales, 2000, NSW, 2000",
        "NL, '', 1012ab, '', 1012 AB",
        "PL, '', 00001, '', 00-001",
        "BR, São Paulo, 01310100, SP, 01310-100",
    })
    void aCodeAndAStateAreBroughtIntoTheUsualSpelling(
            String country, String state, String code, String usualState, String usualCode) {
        PostalAddress usual = address(country, state, code).inStandardSpelling();
        assertThat(usual.state()).isEqualTo(usualState);
        assertThat(usual.postalCode()).isEqualTo(usualCode);
        assertThat(ForeignCheck.of(usual)).isEmpty();
    }

    @Test
    void whatACountryDemandsIsSaidWithItsPart() {
        assertThat(check("CA", "", "M5V 2T6")).extracting(Finding::part).containsExactly(AddressPart.STATE);
        assertThat(check("CA", "Bavaria", "M5V 2T6")).extracting(Finding::stops).containsExactly(true);
        assertThat(check("DE", "", "")).extracting(Finding::part).containsExactly(AddressPart.POSTAL_CODE);
        assertThat(check("HK", "", "")).isEmpty();
        assertThat(check("HK", "", "999077")).extracting(Finding::stops).containsExactly(false);
        assertThat(check("IE", "", ""))
                .as("a code is usual there and not demanded")
                .isEmpty();
        assertThat(check("TO", "", "")).as("nothing is known of it").isEmpty();
        assertThat(check("", "", "")).extracting(Finding::part).containsExactly(AddressPart.COUNTRY);
    }

    @Test
    void aShipToAbroadWithFieldsOfTheUnitedStatesIsToldSo() {
        assertThat(check("CA", "WA", "98101"))
                .allSatisfy(finding -> assertThat(finding.remedy()).contains("write United States"));
    }
}
