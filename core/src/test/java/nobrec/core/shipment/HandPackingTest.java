package nobrec.core.shipment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import nobrec.core.address.PostalAddress;
import nobrec.core.carton.CartonSet;
import nobrec.core.item.LotShare;
import nobrec.core.item.PackItem;
import nobrec.core.measure.UnitSystem;
import nobrec.core.packing.DemoStock;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Packing by hand keeps count of pieces and lots, whatever is done in whatever order. */
class HandPackingTest {

    static final CartonSet CARTONS = new CartonSet(DemoStock.parcelCartons());

    static ShipmentPacker packer(Jobs jobs) {
        return new ShipmentPacker(
                CARTONS, jobs, new ShipmentPacker.Costs(List.of(), List.of()), () -> false, UnitSystem.POUND_INCH);
    }

    private static Jobs jobs(Random random) {
        List<PackItem> items = DemoStock.items().stream()
                .filter(item -> !item.handling().alone())
                .limit(6)
                .toList();
        List<WorkOrder.Line> lines = new ArrayList<>();
        for (int id = 1; id <= 3; id++) {
            lines.add(SampleJobs.line(id, items.get(random.nextInt(items.size())), 2 + random.nextInt(5)));
        }
        WorkOrder leading = SampleJobs.job(1, SampleJobs.TO, lines.subList(0, 2));
        return new Jobs(leading, List.of(leading, SampleJobs.job(2, SampleJobs.TO, lines.subList(2, 3))));
    }

    private static Shipment step(HandPacking hands, Shipment now, Random random, Jobs jobs) {
        int packages = Math.max(1, now.packages().size());
        int one = 1 + random.nextInt(packages);
        int other = random.nextInt(packages + 1);
        long line = 1 + random.nextInt(3);
        return switch (random.nextInt(9)) {
            case 0 ->
                hands.add(
                        now,
                        CARTONS.all().get(random.nextInt(CARTONS.all().size())).code());
            case 1 -> hands.merge(now, one, Math.max(1, other));
            case 2 -> hands.repeat(now, one);
            case 3 -> hands.replan(now, random.nextBoolean());
            case 4 ->
                hands.changeCarton(
                        now,
                        one,
                        CARTONS.all().get(random.nextInt(CARTONS.all().size())).code());
            case 5 -> hands.leaveBehind(now, line, 1 + random.nextInt(2));
            case 6 -> hands.takeOut(now, jobs.all().get(1));
            default -> hands.move(now, line, 1 + random.nextInt(3), random.nextBoolean() ? one : 0, other);
        };
    }

    private static void check(Shipment shipment, Jobs jobs) {
        Map<Long, Integer> placed = shipment.placed();
        placed.forEach((line, pieces) -> assertThat(pieces).isLessThanOrEqualTo(shipment.quantityOf(line)));
        for (int index = 0; index < shipment.packages().size(); index++) {
            assertThat(shipment.packages().get(index).number()).isEqualTo(index + 1);
        }
        Set<Long> seen = new HashSet<>();
        for (Shipment.Line line : shipment.lines()) {
            assertThat(line.quantity()).isPositive();
            assertThat(seen.add(line.workOrderLineId())).isTrue();
            for (String lot : List.of("A", "B")) {
                int there = jobs.line(line.workOrderLineId()).lots().stream()
                        .filter(each -> each.lot().startsWith(lot))
                        .mapToInt(LotShare::quantity)
                        .sum();
                assertThat(lotPieces(shipment, lot + line.workOrderLineId())).isLessThanOrEqualTo(there);
            }
        }
        shipment.packages()
                .forEach(each -> each.contents()
                        .forEach(content -> assertThat(content.lots().stream()
                                        .mapToInt(LotShare::quantity)
                                        .sum())
                                .isLessThanOrEqualTo(content.quantity())));
    }

    private static int lotPieces(Shipment shipment, String lot) {
        return shipment.packages().stream()
                .flatMap(each -> each.contents().stream())
                .flatMap(content -> content.lots().stream())
                .filter(each -> each.lot().equals(lot))
                .mapToInt(LotShare::quantity)
                .sum();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void noWalkLosesOrDoublesAPieceOrALot(long seed) {
        Random random = new Random(seed);
        Jobs jobs = jobs(random);
        HandPacking hands = new HandPacking(packer(jobs));
        Shipment now = packer(jobs).planned(SampleJobs.shipment(jobs));
        assertThat(now.piecesPlaced()).isEqualTo(now.pieces());
        int done = 0;
        for (int step = 0; step < 40; step++) {
            try {
                now = step(hands, now, random, jobs);
                done++;
            } catch (Refusal refused) {
                assertThat(refused.remedy()).isNotBlank();
            }
            check(now, jobs);
        }
        assertThat(done).isGreaterThan(5);
        Shipment again = hands.replan(now, true);
        assertThat(again.piecesPlaced()).isEqualTo(again.pieces());
    }

    @Test
    void onlyJobsToTheSamePlaceOnTheSameTermsAreCombined() {
        Jobs jobs = jobs(new Random(1));
        List<WorkOrder.Line> none = List.of();
        Combining.require(jobs, SampleJobs.job(9, SampleJobs.TO, none));
        PostalAddress elsewhere = new PostalAddress("Pellworth", "", "1 Elsewhere", "", "Tucson", "AZ", "85701", "US");
        assertThatThrownBy(() -> Combining.require(jobs, SampleJobs.job(9, elsewhere, none)))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("It goes to Pellworth");
        assertThatThrownBy(() -> Combining.require(jobs, jobs.all().get(1))).hasMessageContaining("already");
    }
}
