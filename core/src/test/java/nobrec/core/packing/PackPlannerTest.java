package nobrec.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType;
import nobrec.core.carton.Placement;
import nobrec.core.item.Handling;
import nobrec.core.item.LotShare;
import nobrec.core.item.PackItem;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.packing.PackPlan.PlannedPackage;
import nobrec.core.packing.search.PackingEffort;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;

class PackPlannerTest {

    private static final PackPlanner PLANNER = new PackPlanner(DemoStock.parcelCartons());

    private static PackItem item(long key, int quantity, String weight, String size) {
        return item(key, quantity, weight, size, Handling.ANY);
    }

    private static PackItem item(long key, int quantity, String weight, String size, Handling handling) {
        return new PackItem(
                key,
                "Item " + key,
                quantity,
                weight.isEmpty() ? Optional.empty() : Optional.of(DemoStock.weight(weight)),
                size.isEmpty() ? Optional.empty() : Optional.of(DemoStock.size(size)),
                handling,
                List.of(new LotShare("A", 1), new LotShare("B", 100)));
    }

    static PackPlan plan(PackPlanner planner, List<PackItem> items) {
        return planner.plan(items, List.of(), PackingEffort.whileSomebodyWaits(() -> false));
    }

    /** A box of whole units, to try what is known of packing them. */
    private static CartonType box(int x, int y, int z) {
        Size size = Size.of("" + x, "" + y, "" + z, LengthUnit.INCH);
        return new CartonType(
                "BOX",
                "Box",
                CartonKind.CARTON,
                size,
                size,
                Weight.ZERO,
                DemoStock.weight("10000"),
                Weight.ZERO,
                Weight.ZERO,
                Money.of(CurrencyUnit.USD, 1),
                Optional.empty(),
                true,
                CartonType.Supply.OUR_OWN);
    }

    @Test
    void withoutSizesTheWeightBandDecides() {
        PackPlan plan = plan(PLANNER, List.of(item(1, 6, "0.3", ""), item(2, 4, "0.4", "")));
        assertThat(plan.packages()).singleElement().satisfies(each -> {
            assertThat(each.carton().code()).isEqualTo("C1");
            assertThat(each.reason()).isInstanceOf(CartonReason.WeightBand.class);
            assertThat(each.placements()).isEmpty();
        });
    }

    @Test
    void withoutAWeightTheStandardCartonAndItsStatedWeight() {
        PlannedPackage only =
                plan(PLANNER, List.of(item(1, 2, "", "4x4x1"))).packages().get(0);
        assertThat(only.carton().code()).isEqualTo("C2");
        assertThat(only.expectedWeight()).contains(DemoStock.weight("5"));
    }

    @Test
    void aPieceThatGoesIntoNoCartonIsSaid() {
        PackPlan plan = plan(PLANNER, List.of(item(1, 1, "3", "90x2x2"), item(2, 1, "1", "4x4x1")));
        assertThat(plan.packages())
                .anySatisfy(each -> assertThat(each.reason()).isInstanceOf(CartonReason.NothingFits.class))
                .anySatisfy(each -> assertThat(each.placements()).hasSize(1));
    }

    @Test
    void lotsGoWithTheirPiecesAndNoneIsUsedTwice() {
        PackPlan plan = plan(PLANNER, List.of(item(1, 3, "48", "20x6x5")));
        List<LotShare> lots = plan.packages().stream()
                .flatMap(each -> each.contents().stream())
                .flatMap(content -> content.lots().stream())
                .toList();
        assertThat(lots.stream()
                        .filter(lot -> lot.lot().equals("A"))
                        .mapToInt(LotShare::quantity)
                        .sum())
                .isEqualTo(1);
        assertThat(lots.stream().mapToInt(LotShare::quantity).sum()).isEqualTo(3);
    }

    @Test
    void handlingIsKept() {
        Handling upright = new Handling(true, true, false);
        Handling alone = new Handling(false, false, true);
        List<PackItem> items =
                List.of(item(1, 3, "1", "4x4x3", upright), item(2, 9, "1", "4x3x2"), item(3, 2, "1", "4x4x4", alone));
        PackPlan plan = plan(PLANNER, items);
        assertThat(PlanChecker.faults(plan, items)).isEmpty();
        assertThat(plan.packages()).hasSizeGreaterThanOrEqualTo(3);
    }

    /** Source: Slothouber-Graatsma puzzle: six 1 x 2 x 2 and three 1 x 1 x 1 fill a 3 x 3 x 3. */
    @Test
    void aPuzzleThatCanBeSolvedIsSolved() {
        List<PackItem> items = List.of(item(1, 6, "1", "1x2x2"), item(2, 3, "1", "1x1x1"));
        PackPlan plan = plan(new PackPlanner(List.of(box(3, 3, 3))), items);
        assertThat(plan.packages()).hasSize(1);
        assertThat(PlanChecker.faults(plan, items)).isEmpty();
    }

    /** Source: N. G. de Bruijn, 1969: 27 bricks 1 x 2 x 4 have the volume of a 6 x 6 x 6 box and do not go into it. */
    @Test
    void whatIsImpossibleIsNeverClaimed() {
        List<PackItem> items = List.of(item(1, 27, "1", "1x2x4"));
        assertThat(PackPlanner.arrange(box(6, 6, 6), items)).isEmpty();
        PackPlan plan = plan(new PackPlanner(List.of(box(6, 6, 6))), items);
        assertThat(plan.packages().size()).isGreaterThan(1);
        assertThat(PlanChecker.faults(plan, items)).isEmpty();
    }

    /** Zero-waste instances: a box cut at random by full cuts. Some are solved, and what is claimed is true. */
    @Test
    void cutUpBoxesArePutTogetherAgain() {
        int solved = 0;
        for (int seed = 0; seed < 25; seed++) {
            List<PackItem> items = CutUpBox.pieces(10, seed);
            Optional<List<Placement>> found = PackPlanner.arrange(box(40, 30, 25), items);
            if (found.isPresent()) {
                solved++;
                assertThat(found.get()).hasSize(10);
                assertThat(PlanChecker.faults(
                                new PackPlan(List.of(new PlannedPackage(
                                        box(40, 30, 25),
                                        items.stream()
                                                .map(each -> new PackPlan.Content(each.key(), 1, List.of()))
                                                .toList(),
                                        found.get(),
                                        Optional.empty(),
                                        new CartonReason.WeightUnknown()))),
                                items))
                        .isEmpty();
            }
        }
        assertThat(solved).isGreaterThanOrEqualTo(20);
    }

    @Test
    void freightGoesIntoCartonsAndOntoPallets() {
        List<PackItem> items = List.of(item(1, 4, "71", "40x9x8"), item(2, 30, "8.7", "7x5x4.5"));
        PackPlan plan = new PackPlanner(DemoStock.cartons())
                .plan(items, List.of(new PalletCost()), PackingEffort.whileSomebodyWaits(() -> false));
        assertThat(plan.packages()).singleElement().satisfies(pallet -> {
            assertThat(pallet.carton().code()).isEqualTo("P1");
            assertThat(pallet.contents()).extracting(PackPlan.Content::quantity).containsExactlyInAnyOrder(4, 30);
            assertThat(pallet.placements().stream().filter(each -> each.carton().isEmpty()))
                    .hasSize(4);
            assertThat(pallet.placements().stream().flatMap(each -> each.carton().stream()))
                    .isNotEmpty()
                    .allMatch(carton -> carton.text().contains("× Item 2"));
            Weight cartons = pallet.placements().stream()
                    .flatMap(each -> each.carton().stream())
                    .map(each -> carton(each.cartonCode()).tare())
                    .reduce(Weight.ZERO, Weight::plus);
            // 4 x 71 and 30 x 8.7 lb, the pallet's 42 lb, and the cartons on it
            assertThat(pallet.expectedWeight()).contains(DemoStock.weight("587").plus(cartons));
        });
    }

    private static CartonType carton(String code) {
        return DemoStock.cartons().stream()
                .filter(each -> each.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aPalletChosenByHandHasItsSmallPiecesInCartons() {
        List<PackItem> items = List.of(item(1, 2, "71", "40x9x8"), item(2, 12, "0.4", "5x4x1"));
        PackPlanner planner = new PackPlanner(DemoStock.cartons());
        List<Placement> placements = planner.layOut(carton("P1"), items).orElseThrow();
        assertThat(placements).filteredOn(each -> each.carton().isEmpty()).hasSize(2);
        assertThat(placements)
                .filteredOn(each -> each.carton().isPresent())
                .singleElement()
                .satisfies(each -> {
                    CartonType around = carton(each.carton().orElseThrow().cartonCode());
                    assertThat(each.carton().orElseThrow().inside()).isEqualTo("12 × Item 2");
                    assertThat(each.lying().height()).isEqualTo(around.outer().height());
                });
        assertThat(planner.layOut(carton("C2"), items)).isEmpty();
        assertThat(planner.layOut(carton("C2"), List.of())).isEmpty();
    }

    /** Each 24 in high on a pallet of 5.5 in: two on top of each other would be 53.5 in. */
    @Test
    void whatAServiceTakesOnlyLowIsNotStacked() {
        Handling upright = new Handling(true, false, false);
        List<PackItem> items = List.of(item(1, 4, "150", "40x36x24", upright));
        PackPlan low = new PackPlanner(DemoStock.cartons())
                .plan(items, List.of(new PalletCost(31)), PackingEffort.whileSomebodyWaits(() -> false));
        assertThat(low.packages()).hasSize(4).noneMatch(each -> each.reason() instanceof CartonReason.NothingFits);
        PackPlan tooLow = new PackPlanner(DemoStock.cartons())
                .plan(items, List.of(new PalletCost(28)), PackingEffort.whileSomebodyWaits(() -> false));
        assertThat(tooLow.packages()).hasSize(4).allMatch(each -> each.reason() instanceof CartonReason.NothingFits);
    }

    @Test
    void nobodyIsLeftWaiting() {
        PackingEffort none = PackingEffort.whileSomebodyWaits(() -> true);
        List<PackItem> items = List.of(item(1, 60, "1", "5x4x3"), item(2, 40, "2", "7x3x2"));
        PackPlan plan = PLANNER.plan(items, List.of(), none);
        assertThat(PlanChecker.faults(plan, items)).isEmpty();
    }

    @Test
    void layersAreLaidFromBelow() {
        List<PackItem> items = List.of(item(1, 24, "0.5", "6x5x2"));
        for (PlannedPackage each : plan(PLANNER, items).packages()) {
            List<List<Placement>> layers = Placement.layers(each.placements());
            assertThat(layers.stream().mapToInt(List::size).sum())
                    .isEqualTo(each.placements().size());
            assertThat(layers)
                    .isSortedAccordingTo((one, other) ->
                            one.get(0).z().compareTo(other.get(0).z()));
        }
    }

    /** A machine that is busy gives a plan all the same; it does not call it the cheapest. */
    @Test
    void aPlanThatTheClockCutShortSaysSo() {
        PackPlanner planner = new PackPlanner(DemoStock.parcelCartons());
        List<PackItem> items = List.of(item(1, 16, "3.9", "8x1.5x1.5"), item(2, 9, "0.4", "3x3x2"));
        PackPlan cut = planner.plan(items, List.of(), PackingEffort.whileSomebodyWaits(() -> true));
        assertThat(cut.packages())
                .isNotEmpty()
                .allSatisfy(each -> assertThat(CartonReason.sentence(each.reason(), UnitSystem.POUND_INCH))
                        .startsWith("The time was up before every way was tried (Repack looks again). So far: Least"));
        assertThat(plan(planner, items).packages()).noneMatch(each -> each.reason() instanceof CartonReason.SoFar);
    }
}
