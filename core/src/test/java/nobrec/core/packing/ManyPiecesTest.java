package nobrec.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import nobrec.core.item.Handling;
import nobrec.core.item.LotShare;
import nobrec.core.item.PackItem;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.packing.PackPlan.Content;
import nobrec.core.packing.search.PackingEffort;
import nobrec.core.rating.DemoRates;
import org.junit.jupiter.api.Test;

/** Very many pieces: counted and not copied, each in one place. How long it takes and how much memory stands in the bench. */
class ManyPiecesTest {

    private static final PackPlanner PLANNER = new PackPlanner(DemoStock.parcelCartons());

    private static PackItem item(long key, int quantity, String pounds, Optional<Size> size, LotShare... lots) {
        return new PackItem(
                key,
                "item " + key,
                quantity,
                Optional.of(Weight.of(pounds, WeightUnit.POUND)),
                size,
                Handling.ANY,
                List.of(lots));
    }

    private static Optional<Size> inches(String length, String width, String height) {
        return Optional.of(Size.of(length, width, height, LengthUnit.INCH));
    }

    private static PackPlan plan(List<PackItem> items) {
        return PLANNER.plan(
                items, List.of(DemoRates.costByPloverGround()), PackingEffort.whileSomebodyWaits(() -> false));
    }

    private static Map<Long, Integer> pieces(PackPlan plan) {
        Map<Long, Integer> pieces = new HashMap<>();
        plan.packages()
                .forEach(each -> each.contents()
                        .forEach(content -> pieces.merge(content.itemKey(), content.quantity(), Integer::sum)));
        return pieces;
    }

    @Test
    void eightThousandBushingsGoInFullCartonsAndItSaysSo() {
        List<PackItem> bushings = List.of(item(1, 8_000, "0.15", inches("1.5", "1", "1")));
        PackPlan plan = plan(bushings);
        assertThat(PlanChecker.faults(plan, bushings)).isEmpty();
        assertThat(plan.packages()).hasSizeLessThan(40);
        assertThat(plan.packages().get(0).reason()).isInstanceOf(CartonReason.FullInTurn.class);
    }

    @Test
    void fiveThousandLinesOfDifferentPiecesEachFindTheirPlace() {
        Random random = new Random(3);
        List<PackItem> lines = new ArrayList<>();
        for (long line = 1; line <= 5_000; line++) {
            String side = "%d.%02d".formatted(1 + random.nextInt(4), random.nextInt(100));
            lines.add(item(line, 4, "0." + (1 + random.nextInt(9)), inches(side, "1.5", "1." + random.nextInt(10))));
        }
        PackPlan plan = plan(lines);
        assertThat(PlanChecker.faults(plan, lines)).isEmpty();
        assertThat(pieces(plan))
                .hasSize(5_000)
                .allSatisfy((line, pieces) -> assertThat(pieces).isEqualTo(4));
    }

    @Test
    void tenThousandPiecesWithoutSizeGoByWeight() {
        List<PackItem> items =
                List.of(item(1, 10_000, "0.15", Optional.empty(), new LotShare("A", 6_000), new LotShare("B", 4_000)));
        PackPlan plan = plan(items);
        assertThat(pieces(plan)).containsEntry(1L, 10_000);
        assertThat(plan.packages().stream()
                        .flatMap(each -> each.contents().stream())
                        .flatMap(content -> content.lots().stream())
                        .mapToInt(LotShare::quantity)
                        .sum())
                .isEqualTo(10_000);
    }

    /** Lines that differ in nothing but their name are planned as one, and shared out with their own lots. */
    @Test
    void equalPiecesOfSeveralLinesAreSharedOutWithTheirLots() {
        List<PackItem> items = List.of(
                item(1, 3, "6", inches("8", "6", "6"), new LotShare("A", 2), new LotShare("B", 1)),
                item(2, 4, "6", inches("8", "6", "6"), new LotShare("C", 4)));
        PackPlan plan = plan(items);
        assertThat(PlanChecker.faults(plan, items)).isEmpty();
        List<Content> contents = plan.packages().stream()
                .flatMap(each -> each.contents().stream())
                .toList();
        assertThat(contents.stream()
                        .filter(content -> content.itemKey() == 2)
                        .flatMap(content -> content.lots().stream())
                        .map(LotShare::lot))
                .containsOnly("C");
        plan.packages()
                .forEach(each -> assertThat(each.placements())
                        .hasSize(each.contents().stream()
                                .mapToInt(Content::quantity)
                                .sum()));
    }

    /** One line has no size: a piece whose size is known is not said to fit nowhere because of it. */
    @Test
    void aMissingSizeOfOneLineDoesNotMakeAnotherUnpackable() {
        List<PackItem> items = List.of(item(1, 1, "1", inches("22", "15", "13")), item(2, 1, "0.5", Optional.empty()));
        assertThat(plan(items).packages()).noneMatch(each -> each.reason() instanceof CartonReason.NothingFits);
    }
}
