package nobrec.core.address;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class AddressLayoutTest {

    static Stream<String> published() throws IOException {
        try (InputStream file = AddressLayoutTest.class.getResourceAsStream("address-layouts.txt")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .filter(line -> !line.startsWith("#"));
        }
    }

    @ParameterizedTest
    @MethodSource("published")
    void anAddressIsWrittenByTheFormOfItsCountry(String line) {
        List<String> parts = Arrays.asList(line.split("\\|"));
        PostalAddress address = new PostalAddress("", "", "STREET", "", "CITY", "STATE", "CODE", parts.get(0));
        assertThat(AddressLayout.lines(address)).isEqualTo(parts.subList(1, parts.size()));
    }

    @Test
    void moreThanFortyCountriesHaveAFormOfTheirOwn() throws IOException {
        assertThat(AddressLayout.countries()).hasSizeGreaterThan(50);
        assertThat(published()).hasSizeGreaterThan(45);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "US|Tucson|AZ||Tucson, AZ",
                "US||AZ|85701|AZ 85701",
                "TR|Ankara||06420|06420 Ankara",
                "BR|Recife||50030-230|Recife, 50030-230",
                "SE|Lund|||Lund",
                "SG|Singapore||068912|Singapore 068912",
                "IS|Akureyri||600|600 Akureyri"
            })
    void aPartThatIsNotThereLeavesNoMarkBehind(String country, String city, String state, String code, String lines) {
        PostalAddress address = new PostalAddress("", "", "", "", city, state, code, country);
        assertThat(String.join(", ", AddressLayout.lines(address))).isEqualTo(lines);
    }

    @Test
    void theCountryStandsLastWhereItIsAnotherOne() {
        PostalAddress address =
                new PostalAddress("Kranich GmbH", "Wareneingang", "Hafenstr. 4", "", "Bremen", "", "28195", "DE");
        assertThat(AddressLayout.whole(address, "US"))
                .containsExactly("Kranich GmbH", "Wareneingang", "Hafenstr. 4", "28195 Bremen", "GERMANY");
        assertThat(AddressLayout.whole(address, "DE")).endsWith("28195 Bremen");
    }
}
