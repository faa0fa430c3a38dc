package nobrec.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WeightTest {

    /** Source: International yard and pound agreement 1959; NIST SP 811. An ounce is a sixteenth of a pound. */
    @ParameterizedTest
    @CsvSource({"1, POUND, 453.59237", "1, OUNCE, 28.349523125", "16, OUNCE, 453.59237", "1, KILOGRAM, 1000"})
    void isExactInGrams(String amount, WeightUnit unit, String grams) {
        assertThat(Weight.of(amount, unit).in(WeightUnit.GRAM, 12)).isEqualByComparingTo(grams);
    }

    @Test
    void nothingIsLostOnTheWayThroughGrams() {
        Random random = new Random(4711);
        for (int round = 0; round < 10_000; round++) {
            WeightUnit unit = WeightUnit.values()[random.nextInt(4)];
            int places = unit == WeightUnit.OUNCE ? 3 : 4;
            Weight weight = Weight.of(BigDecimal.valueOf(random.nextInt(10_000_000), places), unit);
            assertThat(Weight.of(weight.in(WeightUnit.GRAM, 12), WeightUnit.GRAM))
                    .isEqualTo(weight);
        }
    }

    @ParameterizedTest
    @CsvSource({"4.2, 1, 5", "4, 1, 4", "4.0001, 1, 5", "0.3, 0.5, 0.5"})
    void roundsUpToItsStep(String pounds, String step, String rounded) {
        assertThat(Weight.of(pounds, WeightUnit.POUND).roundedUpTo(Weight.of(step, WeightUnit.POUND)))
                .isEqualTo(Weight.of(rounded, WeightUnit.POUND));
    }

    @Test
    void whatCannotBeHeldIsRefusedNotRounded() {
        assertThatThrownBy(() -> Weight.of("0.00001", WeightUnit.POUND)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> Weight.of("-1", WeightUnit.POUND)).isInstanceOf(IllegalArgumentException.class);
        Weight maximum = new Weight(Long.MAX_VALUE);
        assertThatThrownBy(() -> maximum.plus(new Weight(1))).isInstanceOf(ArithmeticException.class);
    }
}
