package nobrec.core.picking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import nobrec.core.item.Handling;
import nobrec.core.item.LineGoods;
import nobrec.core.workorder.SampleJobs;
import nobrec.core.workorder.WorkOrder;
import org.junit.jupiter.api.Test;

class PickListTest {

    private static WorkOrder job(String number, WorkOrder.Line... lines) {
        return SampleJobs.job(number, List.of(lines));
    }

    private static WorkOrder.Line line(String item, int ordered, int ready, int shipped) {
        return new WorkOrder.Line(
                1,
                1,
                item,
                "What " + item + " is",
                ordered,
                Optional.of(ready),
                shipped,
                shipped,
                Optional.empty(),
                Optional.empty(),
                Handling.ANY,
                List.of(),
                LineGoods.UNKNOWN,
                Map.of(),
                Optional.empty(),
                Set.of());
    }

    @Test
    void whatIsReadyAndHasNotLeftIsSummedByShelfAndItem() {
        PickList list = PickList.of(
                List.of(
                        job("1", line("SK-3", 5, 5, 2), line("PN-150", 4, 0, 0)),
                        job("2", line("sk-3", 6, 4, 0), line("SK-3", 1, 1, 0), line("CY-1", 1, 1, 0))),
                item -> item.equalsIgnoreCase("SK-3") ? "B-10" : "B-2");
        assertThat(list.entries()).extracting(PickList.Entry::item).containsExactly("CY-1", "SK-3");
        PickList.Entry kits = list.entries().get(1);
        assertThat(kits.pieces()).isEqualTo(3 + 4 + 1);
        assertThat(kits.jobs()).containsExactly(new PickList.ForJob("1", 3), new PickList.ForJob("2", 5));
    }

    @Test
    void noPieceIsLostHoweverTheyLie() {
        Random random = new Random(5);
        for (int turn = 0; turn < 200; turn++) {
            List<WorkOrder> jobs = new ArrayList<>();
            int pieces = 0;
            for (int number = 0; number < 1 + random.nextInt(6); number++) {
                WorkOrder.Line one = line("I-" + random.nextInt(4), 9, random.nextInt(10), random.nextInt(3));
                WorkOrder.Line other = line("I-" + random.nextInt(4), 9, random.nextInt(10), random.nextInt(3));
                pieces += one.quantityReadyToGo() + other.quantityReadyToGo();
                jobs.add(job("J" + number, one, other));
            }
            PickList list = PickList.of(jobs, item -> "S-" + item.hashCode() % 3);
            assertThat(list.pieces()).isEqualTo(pieces);
            assertThat(list.entries())
                    .allSatisfy(each -> assertThat(each.jobs().stream()
                                    .mapToInt(PickList.ForJob::pieces)
                                    .sum())
                            .isEqualTo(each.pieces()));
        }
    }

    @Test
    void shelvesStandAsOneWalksByThem() {
        List<String> shelves = new ArrayList<>(List.of("2", "10", "A-2", "a-2b", "A-10", "A-10-3", "B", "", "  "));
        List<String> walked = List.copyOf(shelves);
        Random random = new Random(7);
        for (int turn = 0; turn < 50; turn++) {
            Collections.shuffle(shelves, random);
            shelves.sort(ShelfOrder.BY_NAME.thenComparing(String::length));
            assertThat(shelves).isEqualTo(walked);
        }
    }
}
