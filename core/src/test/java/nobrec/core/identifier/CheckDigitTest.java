package nobrec.core.identifier;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.apache.commons.validator.routines.checkdigit.CheckDigitException;
import org.apache.commons.validator.routines.checkdigit.EAN13CheckDigit;
import org.junit.jupiter.api.Test;

class CheckDigitTest {

    /** Source: UPU standard S10, worked example AA 47312482 9 GB (from memory). */
    @Test
    void postalItemNumberOfTheStandard() {
        assertThat(CheckDigit.postalItem("47312482")).isEqualTo(9);
        assertThat(TrackingForm.POSTAL_ITEM.accepts("AA473124829GB")).isTrue();
        assertThat(TrackingForm.POSTAL_ITEM.accepts("AA473124828GB")).isFalse();
    }

    /** Source: GS1 General Specifications, SSCC 10614141234567890 8 (from memory). */
    @Test
    void shippingContainerCodeOfTheSpecification() {
        assertThat(CheckDigit.modulo10("10614141234567890")).isEqualTo(8);
    }

    /** Against a reference library: the EAN-13 routine of Apache Commons Validator computes the same modulo-10 digit. */
    @Test
    void agreesWithTheReferenceLibrary() throws CheckDigitException {
        Random random = new Random(13);
        for (int round = 0; round < 2_000; round++) {
            String digits = String.format("%016d", Math.floorMod(random.nextLong(), 10_000_000_000_000_000L));
            assertThat(CheckDigit.modulo10(digits)).hasToString(EAN13CheckDigit.EAN13_CHECK_DIGIT.calculate(digits));
        }
    }

    @Test
    void aSingleWrongDigitIsAlwaysNoticed() {
        String number = "PV90041700000";
        String whole = number + CheckDigit.modulo10(number.substring(2));
        assertThat(TrackingForm.LETTERS_MODULO_10.accepts(whole)).isTrue();
        for (int place = 2; place < whole.length(); place++) {
            for (char digit = '0'; digit <= '9'; digit++) {
                String changed = whole.substring(0, place) + digit + whole.substring(place + 1);
                assertThat(TrackingForm.LETTERS_MODULO_10.accepts(changed)).isEqualTo(changed.equals(whole));
            }
        }
    }

    @Test
    void refusesWhatIsNoNumber() {
        assertThatThrownBy(() -> CheckDigit.modulo10("12a")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> CheckDigit.postalItem("123")).isInstanceOf(IllegalArgumentException.class);
        assertThat(TrackingForm.POSTAL_ITEM.accepts("")).isFalse();
    }
}
