package nobrec.core.shipment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.packing.DemoStock;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** However one is packed: one with the same contents, its lines in another order, is packed alike, piece by piece. */
class SamePackingTest {

    private static Jobs job(long id, int... quantities) {
        List<WorkOrder.Line> lines = new ArrayList<>();
        for (int index = 0; index < quantities.length; index++) {
            lines.add(SampleJobs.line(id * 10 + index, DemoStock.items().get(index), quantities[index]));
        }
        WorkOrder job = SampleJobs.job(id, SampleJobs.TO, lines);
        return new Jobs(job, List.of(job));
    }

    private static Jobs inOtherOrder(Jobs jobs, long id) {
        List<WorkOrder.Line> lines = new ArrayList<>();
        List<WorkOrder.Line> there = jobs.leading().lines();
        for (int index = there.size() - 1; index >= 0; index--) {
            lines.add(SampleJobs.line(
                    id * 10 + there.size() - index,
                    DemoStock.items().get(index),
                    there.get(index).quantityOrdered()));
        }
        WorkOrder job = SampleJobs.job(id, SampleJobs.TO, lines);
        return new Jobs(job, List.of(job));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void packedAlikePieceByPiece(long seed) {
        Random random = new Random(seed);
        Jobs jobs = job(1, 4 + random.nextInt(6), 3 + random.nextInt(4));
        HandPacking hands = new HandPacking(HandPackingTest.packer(jobs));
        Shipment model = HandPackingTest.packer(jobs).planned(SampleJobs.shipment(jobs));
        for (int turn = 0; turn < 4; turn++) {
            int last = model.packages().size();
            Shipment longer = hands.add(model, "C2");
            model = hands.move(longer, 10, 1, longer.packages().get(0).piecesOf(10) > 0 ? 1 : last, last + 1);
        }
        model = model.weighing(1, Weight.of("1.5", WeightUnit.POUND));
        Jobs others = inOtherOrder(jobs, 2);
        Shipment like = SamePacking.of(SampleJobs.shipment(others), others, model, jobs, HandPackingTest.CARTONS);
        assertThat(like.piecesPlaced()).isEqualTo(model.piecesPlaced()).isEqualTo(like.pieces());
        assertThat(like.packages()).hasSameSizeAs(model.packages());
        for (int index = 0; index < like.packages().size(); index++) {
            Shipment.Package one = like.packages().get(index);
            Shipment.Package other = model.packages().get(index);
            assertThat(one.cartonCode()).isEqualTo(other.cartonCode());
            assertThat(one.size()).isEqualTo(other.size());
            assertThat(one.weight()).isEqualTo(other.weight());
            assertThat(one.expectedWeight()).isEqualTo(other.expectedWeight());
            assertThat(one.placements()).hasSameSizeAs(other.placements());
            assertThat(items(one, others)).containsExactlyInAnyOrderElementsOf(items(other, jobs));
        }
    }

    private static List<String> items(Shipment.Package packed, Jobs jobs) {
        return packed.contents().stream()
                .map(each -> each.quantity() + " "
                        + jobs.line(each.workOrderLineId()).item())
                .toList();
    }

    @Test
    void whatHoldsSomethingElseIsRefused() {
        Jobs one = job(1, 4, 3);
        Jobs other = job(2, 4, 2);
        Shipment model = HandPackingTest.packer(one).planned(SampleJobs.shipment(one));
        assertThatThrownBy(() -> SamePacking.of(SampleJobs.shipment(other), other, model, one, HandPackingTest.CARTONS))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("job 241 holds");
    }
}
