package nobrec.core.rating;

import static nobrec.core.rating.Sheets.byThePound;
import static nobrec.core.rating.Sheets.dollars;
import static nobrec.core.rating.Sheets.pounds;
import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BillableWeightTest {

    /** Common practice, from memory: 12 x 12 x 12 in over 139 is 12.43, so 13 lb; over 166 it is 10.41, so 11 lb. */
    @ParameterizedTest
    @CsvSource({"139, 5, 13", "166, 5, 11", "139, 13.2, 14", "166, 11, 11"})
    void theGreaterOfActualAndDimensionalEachRoundedUp(int divisor, String weight, String billed) {
        Size cube = Size.of("12", "12", "12", LengthUnit.INCH);
        assertThat(BillableWeight.of(pounds(weight), cube, byThePound("0", "0", divisor))
                        .billed())
                .isEqualTo(pounds(billed));
    }

    /** Common practice, from memory: 40 x 30 x 20 cm is 4.8 kg over 5000 and 4.0 kg over 6000 (IATA TACT rules). */
    @ParameterizedTest
    @CsvSource({"5000, 4.8", "6000, 4.0"})
    void inKilogramsAndCentimetres(int divisor, String kilograms) {
        RateSheet metric = new RateSheet(
                "AIR",
                LocalDate.of(2026, 1, 1),
                UnitSystem.KILOGRAM_CENTIMETRE,
                Weight.of("0.1", WeightUnit.KILOGRAM),
                divisor,
                List.of(),
                dollars("0"),
                BigDecimal.ZERO);
        assertThat(BillableWeight.of(
                                Weight.of("1", WeightUnit.KILOGRAM),
                                Size.of("40", "30", "20", LengthUnit.CENTIMETRE),
                                metric)
                        .dimensional())
                .isEqualTo(Weight.of(kilograms, WeightUnit.KILOGRAM));
    }

    @Test
    void aSideIsRoundedUpToTheWholeUnitFirst() {
        // 9.5 x 7.5 x 5.5 in count as 10 x 8 x 6 = 480 cubic inches; 480 / 139 = 3.45, so 4 lb.
        assertThat(BillableWeight.of(
                                pounds("1"), Size.of("9.5", "7.5", "5.5", LengthUnit.INCH), byThePound("0", "0", 139))
                        .dimensional())
                .isEqualTo(pounds("4"));
    }
}
