package nobrec.server.place.postalfile;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import nobrec.core.address.AddressCheck;
import nobrec.core.address.AddressCheck.KnownPostalCode;
import nobrec.core.address.AddressCorrection;
import nobrec.core.address.PostalAddress;
import nobrec.core.address.PostalIndex;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.core.io.ClassPathResource;

/** The address check on every postal code of the United States (GeoNames' data, CC BY 4.0). */
class WholeReferenceTest {

    private static final Random RANDOM = new Random(41_490);

    private static List<KnownPostalCode> all;
    private static PostalIndex index;

    @BeforeAll
    static void isRead() throws IOException {
        all = new PostalFile(new ClassPathResource("reference/us-postal-codes.csv"))
                .codes().stream()
                        .map(row -> new KnownPostalCode(row.code(), row.city(), row.state()))
                        .toList();
        index = new PostalIndex(all);
        assertThat(all).hasSizeGreaterThan(40_000);
    }

    private static PostalAddress address(String city, String state, String code) {
        return new PostalAddress("Works", "", "1 Road", "", city, state, code, "US");
    }

    private static Optional<AddressCorrection> correction(String city, String state, String code) {
        return AddressCorrection.of(address(city, state, code), index);
    }

    @Test
    void everyCodeWithItsCityAndStatePasses() {
        for (KnownPostalCode each : all) {
            PostalAddress address = address(each.city(), each.state(), each.code());
            assertThat(AddressCheck.check(address, index.find(each.code()))).isEmpty();
            assertThat(AddressCorrection.of(address, index)).isEmpty();
        }
    }

    @Test
    void everyOneWithAWrongStateIsCaught() {
        for (KnownPostalCode each : all) {
            String other = each.state().equals("WY") ? "OH" : "WY";
            assertThat(AddressCheck.check(address(each.city(), other, each.code()), index.find(each.code())))
                    .anyMatch(AddressCheck.Finding::stops);
        }
    }

    /** At random: a letter changed, taken out or put in twice, or two that changed places. */
    @Test
    void nearlyEveryCityWithOneLetterWrongIsProposed() {
        int tried = 0;
        int right = 0;
        for (int at = 0; at < all.size(); at += 7) {
            KnownPostalCode each = all.get(at);
            String wrong = misspelled(each.city());
            if (isMilitary(each) || wrong.equals(each.city())) {
                continue;
            }
            tried++;
            boolean proposed = correction(wrong, each.state(), each.code())
                    .filter(found -> found.proposed().city().equals(each.city())
                            && found.proposed().postalCode().equals(each.code()))
                    .isPresent();
            boolean passes = AddressCheck.check(address(wrong, each.state(), each.code()), index.find(each.code()))
                    .isEmpty();
            right += proposed || passes ? 1 : 0;
        }
        assertThat(100.0 * right / tried).as("%d of %d", right, tried).isGreaterThan(99.0);
    }

    private static boolean isMilitary(KnownPostalCode code) {
        return List.of("AA", "AE", "AP").contains(code.state());
    }

    private static String misspelled(String city) {
        int at = RANDOM.nextInt(city.length());
        char letter = (char) ('a' + RANDOM.nextInt(26));
        return switch (RANDOM.nextInt(4)) {
            case 0 -> city.substring(0, at) + letter + city.substring(at + 1);
            case 1 -> city.substring(0, at) + city.substring(at + 1);
            case 2 -> city.substring(0, at) + city.charAt(at) + city.substring(at);
            default ->
                at == 0
                        ? city
                        : city.substring(0, at - 1) + city.charAt(at) + city.charAt(at - 1) + city.substring(at + 1);
        };
    }

    @Test
    void whatTwoOfThreeSayIsProposed() {
        assertThat(correction("Tuscon", "AZ", "85701").orElseThrow().proposed().cityLine())
                .isEqualTo("Tucson, AZ 85701");
        assertThat(correction("Tucson", "NM", "85701").orElseThrow().proposed().cityLine())
                .isEqualTo("Tucson, AZ 85701");
        assertThat(correction("Agawam", "MA", "01010").orElseThrow().proposed().cityLine())
                .isEqualTo("Agawam, MA 01001");
        assertThat(correction("Holyoke", "MA", "1040").orElseThrow().proposed().postalCode())
                .isEqualTo("01040");
        assertThat(correction("Soulard", "MO", "63101")).isEmpty();
        assertThat(correction("Nowhere", "MO", "00000")).isEmpty();
    }
}
