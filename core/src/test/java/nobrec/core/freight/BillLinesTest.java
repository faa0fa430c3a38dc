package nobrec.core.freight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import nobrec.core.carton.CartonKind;
import nobrec.core.item.FreightClass;
import nobrec.core.item.GoodsClass;
import nobrec.core.item.Handling;
import nobrec.core.item.LineGoods;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.rating.ClassShare;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.SampleJobs;
import nobrec.core.workorder.WorkOrder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The bill's pounds are those of the packages, its packages are counted once, whatever classes lie together. */
class BillLinesTest {

    private static final FreightClass SEVENTY = FreightClass.read("70").orElseThrow();
    private static final Map<String, CartonKind> KINDS = Map.of("P", CartonKind.PALLET, "K", CartonKind.CRATE);

    private static WorkOrder.Line line(long id, String name, String pounds, LineGoods goods) {
        return new WorkOrder.Line(
                id,
                1,
                name,
                name,
                1_000,
                Optional.empty(),
                0,
                0,
                Optional.of(Weight.of(pounds, WeightUnit.POUND)),
                Optional.empty(),
                Handling.ANY,
                List.of(),
                goods,
                Map.of(),
                Optional.empty(),
                Set.of());
    }

    private static LineGoods goods(Optional<FreightClass> freightClass, Optional<GoodsClass> goodsClass) {
        return new LineGoods(Optional.empty(), "", "", goodsClass, freightClass, "");
    }

    private static final Jobs JOBS = jobs(List.of(
            line(1, "Cylinder", "120", goods(Optional.of(SEVENTY), Optional.empty())),
            line(2, "Gasket box", "4", goods(Optional.empty(), Optional.empty())),
            line(3, "Primer", "9", goods(FreightClass.read("85"), Optional.of(GoodsClass.DANGEROUS)))));

    private static Jobs jobs(List<WorkOrder.Line> lines) {
        WorkOrder job = SampleJobs.job("2418", lines);
        return new Jobs(job, List.of(job));
    }

    private static Shipment.Package packed(int number, String code, String pounds, Shipment.Content... contents) {
        return new Shipment.Package(
                number,
                number,
                code,
                "",
                Size.of("48", "40", "36", LengthUnit.INCH),
                Optional.empty(),
                Optional.of(Weight.of(pounds, WeightUnit.POUND)),
                Optional.of(Shipment.WeightSource.SCALE),
                Optional.of("N" + number),
                false,
                List.of(contents),
                List.of());
    }

    private static BillLines bill(List<Shipment.Package> packages) {
        Shipment shipment = new Shipment(
                1,
                1,
                1,
                ShipmentState.SHIPPED,
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                packages);
        return BillLines.of(shipment, JOBS, KINDS::get);
    }

    private static Shipment.Content of(long line, int pieces) {
        return new Shipment.Content(line, pieces, List.of());
    }

    @Test
    void eachKindAndClassHasItsLine() {
        BillLines bill = bill(List.of(
                packed(1, "P", "402.2", of(1, 3), of(3, 1)),
                packed(2, "P", "140", of(1, 1)),
                packed(3, "K", "51.5", of(2, 10))));
        assertThat(bill.packages()).isEqualTo(3);
        assertThat(bill.pounds()).isEqualTo(403 + 140 + 52);
        assertThat(bill.lines()).hasSize(3);
        BillLines.Line crate = bill.lines().get(0);
        assertThat(crate.kind()).isEqualTo(CartonKind.CRATE);
        assertThat(crate.given()).as("found by density").isFalse();
        BillLines.Line cylinders = bill.lines().get(1);
        assertThat(cylinders.freightClass()).isEqualTo(SEVENTY);
        assertThat(cylinders.packages()).isEqualTo(2);
        assertThat(cylinders.description()).isEqualTo("Cylinder");
        assertThat(cylinders.hazardous()).isFalse();
        BillLines.Line primer = bill.lines().get(2);
        assertThat(primer.packages())
                .as("it lies on a pallet that is counted above")
                .isZero();
        assertThat(primer.hazardous()).isTrue();
        assertThat(primer.pounds()).isEqualTo(Math.round(403 * 9 / 369.0));
    }

    @Test
    void severalBillsTogetherHaveOneLineForEachKindAndClass() {
        BillLines first = bill(List.of(packed(1, "P", "402.2", of(1, 3), of(3, 1))));
        BillLines second = bill(List.of(packed(1, "P", "140", of(1, 1)), packed(2, "K", "51.5", of(2, 10))));
        BillLines together = BillLines.together(List.of(first, second));
        assertThat(together.packages()).isEqualTo(3);
        assertThat(together.pounds()).isEqualTo(first.pounds() + second.pounds());
        assertThat(together.lines()).hasSize(3);
        assertThat(together.lines().get(1).packages()).isEqualTo(2);
        assertThat(together.lines().get(2).hazardous()).isTrue();
        assertThat(BillLines.together(List.of(first))).isEqualTo(first);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void poundsAndPackagesAddUp(long seed) {
        Random random = new Random(seed);
        for (int turn = 0; turn < 100; turn++) {
            List<Shipment.Package> packages = new ArrayList<>();
            long pounds = 0;
            for (int number = 1; number <= 1 + random.nextInt(6); number++) {
                String weight = 1 + random.nextInt(2_000) + "." + random.nextInt(100);
                packages.add(packed(
                        number,
                        random.nextBoolean() ? "P" : "K",
                        weight,
                        of(1, 1 + random.nextInt(4)),
                        of(2, 1 + random.nextInt(9)),
                        of(3, 1 + random.nextInt(5))));
                pounds += Weight.of(weight, WeightUnit.POUND).stepsUp(ClassShare.POUND);
            }
            BillLines bill = bill(packages);
            assertThat(bill.pounds()).isEqualTo(pounds);
            assertThat(bill.packages()).isEqualTo(packages.size());
        }
    }
}
