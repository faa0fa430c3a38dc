package nobrec.core.service;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType.Supply;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.MeasureText;
import nobrec.core.ratesheet.RateSheet;
import nobrec.core.rating.DemoRates;
import nobrec.core.service.ShipmentToRate.PackageToRate;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BillableWeightTest {

    private static RateSheet sheet(String units, String step, String sizeStep, String divisor) {
        String unit = units.substring(0, 2);
        return (RateSheet) DemoRates.sheet("""
                rate sheet,X
                first day,2026-01-01
                currency,USD
                units,%s
                weight step,%s
                size step,%s
                divisor,%s
                zones by,distance
                zones,1
                up to,900 %s,1.00
                """.formatted(units, step, sizeStep, divisor, unit));
    }

    private static BillableWeight billable(Weight weight, Size size, RateSheet sheet) {
        return new RatedPackage(new PackageToRate(
                        1, Optional.of(weight), true, size, CartonKind.CARTON, Supply.OUR_OWN, 0, List.of()))
                .billable(0, sheet.billing());
    }

    /** Common practice, from memory; cm3 / 6000: IATA TACT rules, from memory. */
    @ParameterizedTest
    @CsvSource({
        "lb in,1 lb,'1 in,up',139,12,12,12,13 lb",
        "lb in,1 lb,'1 in,up',166,12,12,12,11 lb",
        "kg cm,100 g,'1 cm,up',5000,40,30,20,4.8 kg",
        "kg cm,100 g,'1 cm,up',6000,40,30,20,4 kg",
        "lb in,1 lb,'1 in,up',139,11.1,12,12,13 lb",
        "lb in,1 lb,'1 in,nearest',139,11.4,12,12,12 lb",
        "lb in,1 lb,'0.5 in,up',139,11.1,12,12,12 lb"
    })
    void dimensional(
            String units, String step, String sizeStep, String divisor, String l, String w, String h, String expected) {
        RateSheet sheet = sheet(units, step, sizeStep, divisor);
        LengthUnit unit = sheet.units().lengthUnit();
        BillableWeight billable = billable(new Weight(1), Size.of(l, w, h, unit), sheet);
        assertThat(billable.billed())
                .isEqualTo(MeasureText.readWeight(expected, UnitSystem.POUND_INCH, DecimalMark.POINT)
                        .found()
                        .orElseThrow());
        assertThat(billable.isDimensional()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({"6.01,7", "7,7", "0.1,1"})
    void weightIsRoundedUpToTheStep(String pounds, String expected) {
        BillableWeight billable = billable(
                Weight.of(pounds, WeightUnit.POUND),
                Size.of("2", "2", "2", LengthUnit.INCH),
                sheet("lb in", "1 lb", "1 in,up", "139"));
        assertThat(billable.billed()).isEqualTo(Weight.of(expected, WeightUnit.POUND));
    }
}
