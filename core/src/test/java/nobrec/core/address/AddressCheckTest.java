package nobrec.core.address;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import nobrec.core.address.AddressCheck.Finding;
import nobrec.core.address.AddressCheck.KnownPostalCode;
import nobrec.core.notation.Reading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AddressCheckTest {

    private static final Optional<KnownPostalCode> LOUIS =
            Optional.of(new KnownPostalCode("63101", "Saint Louis", "MO"));

    private static PostalAddress address(String city, String state, String code) {
        return new PostalAddress("Halvard Dredging", "", "410 Levee Road", "", city, state, code, "US");
    }

    @ParameterizedTest
    @ValueSource(strings = {"Saint Louis", "SAINT LOUIS", "saint louis ", "St. Louis", "St Louis"})
    void citiesAreTheSameHoweverTheyAreWritten(String city) {
        assertThat(AddressCheck.check(address(city, "MO", "63101"), LOUIS)).isEmpty();
    }

    @Test
    void aCityThatIsAPartOfTheOtherIsACautionOnly() {
        List<Finding> findings = AddressCheck.check(address("Soulard", "MO", "63101"), LOUIS);
        assertThat(findings).singleElement().matches(finding -> !finding.stops());
    }

    @Test
    void aWrongStateStopsAndSaysWhatBelongsTogether() {
        List<Finding> findings = AddressCheck.check(address("Saint Louis", "IL", "63101"), LOUIS);
        assertThat(findings).singleElement().satisfies(finding -> {
            assertThat(finding.stops()).isTrue();
            assertThat(finding.remedy()).contains("Saint Louis, MO 63101");
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
        "Fort Worth, TX, 76102, Ft. Worth, Texas, 76102-1234",
        "East Saint Louis, IL, 62201, East St. Louis, Illinois, 62201",
        "San Jose, CA, 95101, San José, ca, 95101",
        "Coeur D Alene, ID, 83814, Coeur d'Alene, Idaho, 83814",
        "San Juan, PR, 00901, San Juan, Puerto Rico, 00901",
        "Hagatna, GU, 96910, Hagåtña, GU, 96910",
    })
    void statesAndCitiesAreReadHoweverTheyAreWritten(
            String city, String state, String code, String written, String writtenState, String writtenCode) {
        assertThat(AddressCheck.check(
                        address(written, writtenState, writtenCode),
                        Optional.of(new KnownPostalCode(code, city, state))))
                .filteredOn(finding -> finding.stops())
                .isEmpty();
    }

    /** Source: postal addressing standards of the United States (Publication 28), appendix B, from memory. */
    @ParameterizedTest
    @CsvSource({
        "APO, AE, 09012, true",
        "FPO, AP, 96349, true",
        "dpo, AA, 34038, true",
        "APO, AP, 09012, false",
        "Kaiserslautern, AE, 09012, false"
    })
    void militaryMailHasAnOfficeForItsCity(String city, String state, String code, boolean good) {
        assertThat(AddressCheck.check(address(city, state, code), Optional.empty())
                        .isEmpty())
                .isEqualTo(good);
    }

    @ParameterizedTest
    @ValueSource(strings = {"60601ABC", "6060", "606011", "60601-12", "", "A1A 1A1"})
    void whatIsNoPostalCodeStops(String code) {
        assertThat(AddressCheck.check(address("Chicago", "IL", code), Optional.empty()))
                .singleElement()
                .matches(Finding::stops);
    }

    @Test
    void anAddressIsKeptInStandardSpelling() {
        PostalAddress written = new PostalAddress("A", "", "1 Calle", "", "San Juan", "", "009011234", "PR");
        assertThat(written.inStandardSpelling().cityLine()).isEqualTo("San Juan, PR 00901-1234");
        assertThat(written.inStandardSpelling().country()).isEqualTo("US");
    }

    @ParameterizedTest
    @CsvSource({
        "us, US",
        "USA, US",
        "U.S.A., US",
        "United States, US",
        "canada, CA",
        "MEX, MX",
        "Côte d’Ivoire, CI",
        "Atlantis, "
    })
    void countriesAreReadByNameAndCode(String text, String code) {
        assertThat(Countries.read(text)).isEqualTo(Optional.ofNullable(code));
        assertThat(Countries.nameOf("CA")).isEqualTo("Canada");
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
