package nobrec.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MeasureTextTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4.2 | 4.2 | POUND",
                "4,2 | 4.2 | POUND",
                " .5 lb| 0.5 | POUND",
                "4 lb 3 oz | 67 | OUNCE",
                "4lb3oz | 67 | OUNCE",
                "4# 3 | 67 | OUNCE",
                "1.9kg | 1.9 | KILOGRAM",
                "1900 g | 1.9 | KILOGRAM",
                "12 OZ | 0.75 | POUND",
                "0.3 oz | 0.3 | OUNCE",
            })
    void readsWeightsAsPeopleTypeThem(String text, String amount, WeightUnit unit) {
        assertThat(MeasureText.readWeight(text, UnitSystem.POUND_INCH).found()).contains(Weight.of(amount, unit));
    }

    @Test
    void aBareFigureIsInTheShopsOwnUnit() {
        assertThat(MeasureText.readWeight("4.2", UnitSystem.KILOGRAM_CENTIMETRE).found())
                .contains(Weight.of("4.2", WeightUnit.KILOGRAM));
        assertThat(MeasureText.readSize("40x30x20", UnitSystem.KILOGRAM_CENTIMETRE)
                        .found())
                .contains(Size.of("40", "30", "20", LengthUnit.CENTIMETRE));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "heavy", "4.2.1", "-3", "0", "4 stone", "4 lb oz", "99999999", "60000 lb", "1e3"})
    void refusesWeightsWithReasonAndCure(String text) {
        assertThat(MeasureText.readWeight(text, UnitSystem.POUND_INCH))
                .isInstanceOfSatisfying(Reading.Refused.class, refused -> {
                    assertThat(refused.reason()).isNotBlank();
                    assertThat(refused.cure()).isNotBlank();
                });
    }

    @ParameterizedTest
    @ValueSource(strings = {"18x12x6", "18 × 12 × 6 in", "18*12*6\"", "45.72 x 30.48 x 15.24 cm"})
    void readsSizesAsPeopleTypeThem(String text) {
        assertThat(MeasureText.readSize(text, UnitSystem.POUND_INCH).found())
                .contains(Size.of("18", "12", "6", LengthUnit.INCH));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "18x12", "0x1x1", "18x12x6 furlongs", "18x12x9000", "axbxc"})
    void refusesSizes(String text) {
        assertThat(MeasureText.readSize(text, UnitSystem.POUND_INCH).found()).isEmpty();
    }

    /** 13 oz are 0.8125 lb: rounded to hundredths of a pound they would not be what is billed. */
    @ParameterizedTest
    @CsvSource({
        "13, OUNCE, 1, OUNCE, 13 oz",
        "7, POUND, 1, POUND, 7 lb",
        "7.5, POUND, 0.5, POUND, 7.5 lb",
        "4.8, KILOGRAM, 0.1, KILOGRAM, 4.8 kg",
        "16, OUNCE, 1, OUNCE, 16 oz"
    })
    void showsStepsWithoutRounding(String amount, WeightUnit unit, String step, WeightUnit stepUnit, String shown) {
        assertThat(MeasureText.showSteps(Weight.of(amount, unit), Weight.of(step, stepUnit), UnitSystem.POUND_INCH))
                .isEqualTo(shown);
    }

    @Test
    void showsWhatItReads() {
        Weight weight = Weight.of("4.25", WeightUnit.POUND);
        assertThat(MeasureText.show(weight, UnitSystem.POUND_INCH)).isEqualTo("4.25 lb");
        assertThat(MeasureText.show(weight, UnitSystem.KILOGRAM_CENTIMETRE)).isEqualTo("1.93 kg");
        assertThat(MeasureText.show(Size.of("18", "12.5", "6", LengthUnit.INCH), UnitSystem.POUND_INCH))
                .isEqualTo("18 × 12.5 × 6 in");
    }
}
