package nobrec.core.address;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import nobrec.core.address.AddressCheck.Finding;
import nobrec.core.address.AddressCheck.KnownPostalCode;
import nobrec.core.measure.Reading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AddressCheckTest {

    private static final Optional<KnownPostalCode> LOUIS =
            Optional.of(new KnownPostalCode("63101", "Saint Louis", "MO"));

    private static PostalAddress address(String town, String state, String code) {
        return new PostalAddress("Halvard Dredging", "", "410 Levee Road", "", town, state, code, "US");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Saint Louis", "SAINT LOUIS", "saint louis ", "St. Louis", "St Louis"})
    void townsAreTheSameHoweverTheyAreWritten(String town) {
        assertThat(AddressCheck.check(address(town, "MO", "63101"), LOUIS)).isEmpty();
    }

    @Test
    void aTownThatIsAPartOfTheOtherIsACautionOnly() {
        List<Finding> findings = AddressCheck.check(address("Soulard", "MO", "63101"), LOUIS);
        assertThat(findings).singleElement().matches(finding -> !finding.stops());
    }

    @Test
    void aWrongStateStopsAndSaysWhatBelongsTogether() {
        List<Finding> findings = AddressCheck.check(address("Saint Louis", "IL", "63101"), LOUIS);
        assertThat(findings).singleElement().satisfies(finding -> {
            assertThat(finding.stops()).isTrue();
            assertThat(finding.cure()).contains("Saint Louis, MO 63101");
        });
    }

    @Test
    void aCodeThatDoesNotExistStops() {
        assertThat(AddressCheck.check(address("Saint Louis", "MO", "00000"), Optional.empty()))
                .singleElement()
                .matches(Finding::stops);
    }

    @ParameterizedTest
    @CsvSource({
        "'', PO Box 417, PO_BOX",
        "Gannet Bikes, P.O. Box 417, PO_BOX",
        "Gannet Bikes, Post Office Box 4, PO_BOX",
        "Gannet Bikes, 5 Boxwood Road, BUSINESS",
        "'', 5 Boxwood Road, RESIDENCE",
    })
    void tellsTheKindOfPlace(String company, String street, PlaceKind kind) {
        assertThat(PlaceKindRule.kindOf(
                        new PostalAddress(company, "Piet Rowan", street, "", "Urbana", "IL", "61802", "US")))
                .isEqualTo(kind);
    }

    /** By libphonenumber; form of ITU-T E.164. */
    @ParameterizedTest
    @CsvSource({"(520) 555-0177, +15205550177", "520.555.0177, +15205550177", "+1 520 555 0177, +15205550177"})
    void readsPhoneNumbers(String text, String e164) {
        assertThat(PhoneNumber.read(text, "US").found()).contains(new PhoneNumber(e164));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "call me", "555-01", "520 555 0177 99999"})
    void refusesWhatIsNoPhoneNumber(String text) {
        assertThat(PhoneNumber.read(text, "US")).isInstanceOf(Reading.Refused.class);
    }
}
