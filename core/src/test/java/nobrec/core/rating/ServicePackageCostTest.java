package nobrec.core.rating;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import nobrec.core.carton.CartonType;
import nobrec.core.carton.PackageCost;
import nobrec.core.measure.Weight;
import nobrec.core.packing.DemoStock;
import nobrec.core.ratesheet.Tariff;
import org.junit.jupiter.api.Test;

class ServicePackageCostTest {

    /** A price remembered for a step of weight is the one that would be asked for, also where a limit lies within the step. */
    @Test
    void whatIsRememberedIsWhatWouldBeAskedFor() {
        Tariff sheet = DemoRates.sheet("""
                rate sheet,X
                first day,2026-01-01
                currency,USD
                units,lb in
                weight step,1 lb
                divisor,139
                surcharge,OVW,Heavy package,weight above 20.5 lb,24.50,package,,
                surcharge,MID,Rather heavy package,weight above 12 lb,0.10 per lb,package,,
                zones by,distance
                zones,1,2,3,4,5,6,7,8
                up to,10 lb,1,1,1,1,9.00,1,1,1
                up to,40 lb,2,2,2,2,15.00,2,2,2
                """);
        PackageCost remembering = DemoRates.cost(sheet);
        List<CartonType> cartons = DemoStock.parcelCartons();
        Random random = new Random(9);
        for (int round = 0; round < 5_000; round++) {
            CartonType carton = cartons.get(random.nextInt(cartons.size()));
            Weight gross = DemoRates.pounds((1 + random.nextInt(430)) / 10.0 + "");
            assertThat(remembering.cents(carton, carton.outer(), gross))
                    .as("%s in %s", gross, carton.code())
                    .isEqualTo(DemoRates.cost(sheet).cents(carton, carton.outer(), gross));
        }
    }
}
