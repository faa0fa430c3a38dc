package nobrec.core.partner;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import nobrec.core.identifier.CompanyPrefix;
import nobrec.core.identifier.LocationNumber;
import nobrec.core.identifier.Sscc;
import nobrec.core.refusal.Refusal;
import org.apache.commons.validator.routines.checkdigit.EAN13CheckDigit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PartnerNumbersTest {

    private static final CompanyPrefix PREFIX = new CompanyPrefix("0614141");

    /** Source: GS1 General Specifications, SSCC 1 0614141 234567890 8 (from memory). */
    @Test
    void makesTheNumberOfTheSpecification() {
        Sscc made = Sscc.of(1, PREFIX, 234_567_890);
        assertThat(made.digits()).isEqualTo("106141412345678908");
    }

    /** Against a reference library: Apache Commons Validator's EAN-13 routine computes the same modulo-10 digit. */
    @Test
    void closesEachByTheReferenceLibrarysDigitWhateverThePrefix() {
        Random random = new Random(4);
        for (int turn = 0; turn < 500; turn++) {
            CompanyPrefix prefix = new CompanyPrefix(
                    String.format("%012d", random.nextLong(1_000_000_000_000L)).substring(0, 4 + turn % 9));
            Sscc made = Sscc.of(random.nextInt(10), prefix, random.nextLong(Sscc.serialsOf(prefix)));
            assertThat(made.digits()).hasSize(18);
            assertThat(EAN13CheckDigit.EAN13_CHECK_DIGIT.isValid(made.digits())).isTrue();
            assertThat(EAN13CheckDigit.EAN13_CHECK_DIGIT.isValid(prefix.shipment(turn)))
                    .isTrue();
        }
    }

    @Test
    void eachSerialGivesAnotherNumberUntilTheyAreUsedUp() {
        CompanyPrefix longest = new CompanyPrefix("061414100001");
        assertThat(Sscc.serialsOf(longest)).isEqualTo(10_000);
        Set<String> made = new HashSet<>();
        for (int serial = 0; serial < 10_000; serial++) {
            made.add(Sscc.of(0, longest, serial).digits());
        }
        assertThat(made).hasSize(10_000);
        assertThatThrownBy(() -> Sscc.of(0, longest, 10_000))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("leaves 4 digits");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "123", "1234567890123", "06141x1", "٠٦١٤١٤١"})
    void aPrefixOfTheWrongLengthOrOfOtherSignsIsRefused(String text) {
        assertThatThrownBy(() -> new CompanyPrefix(text))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("4 to 12 digits");
    }

    @Test
    void aWrongCheckDigitIsNoNumber() {
        assertThatThrownBy(() -> new Sscc("106141412345678907")).isInstanceOf(IllegalArgumentException.class);
        assertThat(LocationNumber.isOne("0614141000012")).isTrue();
        assertThat(LocationNumber.isOne("0614141000013")).isFalse();
        assertThat(LocationNumber.isOne("614141000012")).isFalse();
    }

    @Test
    void whatAPartnerDemandsMustBePossible() {
        ShopNumbers shop = new ShopNumbers(Optional.of(PREFIX), 0, "", InterchangeId.read("ours", "ZZ", "HERONWORKS"));
        InterchangeId theirs = InterchangeId.read("theirs", "08", "GREBE01");
        profile(Set.of(), NoticeForm.X12, theirs).requireMetBy(shop);
        assertThatThrownBy(() -> profile(Set.of(), NoticeForm.X12, theirs).requireMetBy(ShopNumbers.NONE))
                .hasMessageContaining("no company prefix");
        assertThatThrownBy(() ->
                        profile(Set.of(), NoticeForm.X12, InterchangeId.NONE).requireMetBy(shop))
                .hasMessageContaining("interchange IDs");
        assertThatThrownBy(() -> profile(Set.of(LabelElement.SHIP_TO_PLACE), NoticeForm.NONE, theirs)
                        .requireMetBy(shop))
                .hasMessageContaining("receiving place");
        assertThatThrownBy(() -> InterchangeId.read("theirs", "ZZ", "SIXTEEN-LETTERS1"))
                .hasMessageContaining("1 to 15");
        assertThatThrownBy(() -> InterchangeId.read("theirs", "z", "A")).hasMessageContaining("two capital letters");
    }

    private static PartnerProfile profile(Set<LabelElement> elements, NoticeForm form, InterchangeId theirs) {
        return new PartnerProfile("Grebe", List.of("Grebe Retail"), true, elements, form, "", theirs, false, 0);
    }

    /** Source: ASC X12.6, basic and extended character set (from memory). */
    @Test
    void lettersOfAnInterchange() {
        assertThat(X12Letters.written("Łódź * Straße ~ 5>a")).isEqualTo("Lodz Strasse 5 a");
        assertThat(X12Letters.canHold("Nguyễn Trãi")).isTrue();
        assertThat(X12Letters.written("Nguyễn Trãi")).isEqualTo("Nguyen Trai");
        assertThat(X12Letters.canHold("Αθήνα")).isFalse();
        assertThat(X12Letters.canHold("東京")).isFalse();
    }
}
