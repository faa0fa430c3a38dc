package nobrec.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
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
                "1,250 lb | 1250 | POUND",
                "1,250.5 | 1250.5 | POUND",
                "1/2 lb | 0.5 | POUND",
                "4 lb. | 4 | POUND",
                "4 lb. 3 oz. | 67 | OUNCE",
                "2 1/4 pounds | 2.25 | POUND",
                "2-1/4 lb | 2.25 | POUND",
                "2½ lb | 2.5 | POUND",
                "½ | 0.5 | POUND",
                "4\u00a0lb | 4 | POUND",
                "4\u202flb | 4 | POUND",
                "4# | 4 | POUND",
                "４.２ | 4.2 | POUND",
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
        assertThat(MeasureText.readWeight(text, UnitSystem.POUND_INCH, DecimalMark.POINT)
                        .found())
                .contains(Weight.of(amount, unit));
    }

    @Test
    void aBareFigureIsInTheShopsOwnUnit() {
        assertThat(MeasureText.readWeight("4.2", UnitSystem.KILOGRAM_CENTIMETER, DecimalMark.POINT)
                        .found())
                .contains(Weight.of("4.2", WeightUnit.KILOGRAM));
        assertThat(MeasureText.readSize("40x30x20", UnitSystem.KILOGRAM_CENTIMETER, DecimalMark.POINT)
                        .found())
                .contains(Size.of("40", "30", "20", LengthUnit.CENTIMETER));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "heavy",
                "4.2.1",
                "-3",
                "0",
                "4 stone",
                "4 lb oz",
                "99999999",
                "60000 lb",
                "9999999",
                "1e3",
                "4,2",
                "45,00 lb",
                "1,25",
                "1/3 lb",
                "5/4 lb",
                "4 oz 3 lb",
                "4 lb 3 kg",
                "4.12345"
            })
    void refusesWeightsWithReasonAndRemedy(String text) {
        assertThat(MeasureText.readWeight(text, UnitSystem.POUND_INCH, DecimalMark.POINT))
                .isInstanceOfSatisfying(Reading.Refused.class, refused -> {
                    assertThat(refused.reason()).isNotBlank();
                    assertThat(refused.remedy()).isNotBlank();
                });
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "18x12x6",
                "18\"x12\"x6\"",
                "1'6\" x 1' x 6\"",
                "1 1/2 ft x 1 ft x 1/2 ft",
                "18 by 12 by 6 inches",
                "18 X 12 X 6 in.",
                "18\u00a0×\u202f12 × 6",
                "18″ x 12″ x 6″",
                "1.5 x 1 x 0.5 feet",
                "18 × 12 × 6 in",
                "18*12*6\"",
                "45.72 x 30.48 x 15.24 cm"
            })
    void readsSizesAsPeopleTypeThem(String text) {
        assertThat(MeasureText.readSize(text, UnitSystem.POUND_INCH, DecimalMark.POINT)
                        .found())
                .contains(Size.of("18", "12", "6", LengthUnit.INCH));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "18x12",
                "0x1x1",
                "18x12x6 furlongs",
                "18x12x9000",
                "axbxc",
                "4' x 12 x 6",
                "18x12x6x1",
                "1,5 x 2 x 3",
                "x x x",
                "18x12x6 in in"
            })
    void refusesSizes(String text) {
        assertThat(MeasureText.readSize(text, UnitSystem.POUND_INCH, DecimalMark.POINT)
                        .found())
                .isEmpty();
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
        assertThat(MeasureText.show(weight, UnitSystem.KILOGRAM_CENTIMETER)).isEqualTo("1.93 kg");
        assertThat(MeasureText.show(Size.of("18", "12.5", "6", LengthUnit.INCH), UnitSystem.POUND_INCH))
                .isEqualTo("18 × 12.5 × 6 in");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"1,250 | 1.25 | COMMA", "1.250,5 | 1250.5 | COMMA", "4.2 | 4.2 | UNKNOWN", "4,2 | 4.2 | UNKNOWN"})
    void readsFiguresInTheNotationOfTheirSource(String text, String amount, DecimalMark mark) {
        assertThat(MeasureText.readWeight(text, UnitSystem.POUND_INCH, mark).found())
                .contains(Weight.of(amount, WeightUnit.POUND));
    }

    @Test
    void namesBothReadingsOfWhatMayBeEither() {
        assertThat(MeasureText.readWeight("1,250 lb", UnitSystem.POUND_INCH, DecimalMark.UNKNOWN))
                .isEqualTo(Reading.refused("“1,250” may be 1250 or 1.250.", "Write 1250 or 1.250, as it is meant."));
    }

    @Test
    void readsLengths() {
        assertThat(MeasureText.readLength("4' 6 1/2\"", UnitSystem.POUND_INCH, DecimalMark.POINT)
                        .found())
                .contains(Length.of("54.5", LengthUnit.INCH));
        assertThat(MeasureText.readLength("0", UnitSystem.POUND_INCH, DecimalMark.POINT)
                        .found())
                .isEmpty();
    }
}
