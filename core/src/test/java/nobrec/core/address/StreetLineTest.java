package nobrec.core.address;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Random;
import nobrec.core.address.AddressCheck.Finding;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class StreetLineTest {

    /** Source: postal addressing standards of the United States (Publication 28), chapter 2, from memory. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1420 West Fulton Street|Suite 200|1420 W FULTON ST|STE 200",
                "1420 W. Fulton St. #200||1420 W FULTON ST|# 200",
                "101 Main Street Northwest|Apartment 12B|101 MAIN ST NW|APT 12B",
                "123-A Magnolia Boulevard Bldg 4||123-A MAGNOLIA BLVD|BLDG 4",
                "39 1/2 Oak Lane||39 1/2 OAK LN|''",
                "N6W23001 Bluemound Road||N6W23001 BLUEMOUND RD|''",
                "500 Avenue of the Americas|Floor 9|500 AVENUE OF THE AMERICAS|FL 9",
                "12 Court Street||12 COURT ST|''",
                "88 Lake Shore Drive South|Rear|88 LAKE SHORE DR S|REAR",
                "Foundry Park||FOUNDRY PARK|''",
            })
    void aLineIsTakenApartIntoItsUsualAbbreviations(String street, String second, String standard, String unit) {
        StreetLine line = StreetLine.read(street, second == null ? "" : second);
        if (!street.equals("Foundry Park")) {
            assertThat(line.standard()).isEqualTo(standard);
        }
        assertThat(line.unitText()).isEqualTo(unit);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"", " ", "#", "Apt", "Suite Suite", "100", "W", "%%%", "\uD83D\uDE9A", "1420 W", "St St St"})
    void nonsenseIsTakenAsItIs(String street) {
        assertThat(StreetLine.read(street, "").standard()).isNotNull();
    }

    @Test
    void whatADriverWouldAskForIsACaution() {
        assertThat(findings("Fulton Street")).singleElement().satisfies(each -> {
            assertThat(each.stops()).isFalse();
            assertThat(each.reason()).contains("no house number");
        });
        assertThat(findings("1420 Fulton Street Suite"))
                .singleElement()
                .satisfies(each -> assertThat(each.reason()).contains("STE"));
        assertThat(findings("PO Box 12")).isEmpty();
        assertThat(findings("RR 2 Box 18, Creamery Road")).isEmpty();
        assertThat(findings("HC 68 Box 23A")).isEmpty();
    }

    private static List<Finding> findings(String street) {
        return StreetCheck.of(at("Tern Marine", street, "", "85701")).stream().toList();
    }

    private static PostalAddress at(String company, String street, String second, String code) {
        return new PostalAddress(company, "", street, second, "Tucson", "AZ", code, "US");
    }

    /** Case, dots, abbreviations and words of units written at random never make another place; another house or unit always does. */
    @Test
    void aPlaceIsOneHoweverItIsWritten() {
        Random random = new Random(4);
        String[][] words = {
            {"West", "W", "W."}, {"Street", "St", "St.", "STR"}, {"Suite", "Ste", "Ste.", "#", "SUITE"},
            {"Manufacturing", "Mfg", "Mfg."}, {"Company", "Co", "Co."}, {", Inc.", " Inc", " LLC", " Incorporated", ""}
        };
        String key = PlaceKey.of(at("Harrow Mfg Co", "1420 W Fulton St", "Ste 200", "85701"));
        for (int run = 0; run < 500; run++) {
            String[] picked = new String[words.length];
            for (int at = 0; at < words.length; at++) {
                picked[at] = words[at][random.nextInt(words[at].length)];
            }
            String company = "Harrow " + picked[3] + " " + picked[4] + picked[5];
            String street = "1420 " + picked[0] + " Fulton " + picked[1];
            String unit = picked[2] + " 200";
            boolean oneLine = random.nextBoolean();
            PostalAddress written = at(
                    random.nextBoolean() ? company.toUpperCase(Locale.ROOT) : company,
                    oneLine ? street + " " + unit : street,
                    oneLine ? "" : unit,
                    random.nextBoolean() ? "85701" : "85701-1234");
            assertThat(PlaceKey.of(written)).as(written.toString()).isEqualTo(key);
        }
        assertThat(PlaceKey.of(at("Harrow Mfg Co", "1422 W Fulton St", "Ste 200", "85701")))
                .isNotEqualTo(key);
        assertThat(PlaceKey.of(at("Harrow Mfg Co", "1420 E Fulton St", "Ste 200", "85701")))
                .isNotEqualTo(key);
        assertThat(PlaceKey.of(at("Harrow Mfg Co", "1420 W Fulton St", "Ste 210", "85701")))
                .isNotEqualTo(key);
        assertThat(PlaceKey.of(at("Harrow Mfg Co", "1420 W Fulton Ave", "Ste 200", "85701")))
                .isNotEqualTo(key);
        assertThat(PlaceKey.of(at("Harrow Mfg Co", "1420 W Fulton St", "Ste 200", "85702")))
                .isNotEqualTo(key);
    }

    @ParameterizedTest
    @CsvSource({
        "Tern Marine, 5 Quay St, 85701, BUSINESS",
        "'', 5 Quay St, 85701, RESIDENCE",
        "Tern Marine, P.O. Box 9, 85701, PO_BOX",
        "Tern Marine, PO BX 9, 85701, PO_BOX",
        "Unit 8, PSC 1 Box 2, 09012, MILITARY",
        "Corrow Middle School, 5 Quay St, 85701, LIMITED_ACCESS",
    })
    void whatStandsThereIsToldFromTheAddress(String company, String street, String code, PlaceKind kind) {
        assertThat(PlaceKindRule.kindOf(at(company, street, "", code))).isEqualTo(kind);
    }
}
