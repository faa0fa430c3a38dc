package nobrec.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.packing.PackPlan.PlannedPackage;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;

class PackPlannerTest {

    private static final CartonType SMALL = carton("C1", "9 7 5", "0.35", "0.5", "4", 0.62, false);
    private static final CartonType MIDDLE = carton("C2", "14 10 9", "0.7", "0.5", "22", 0.85, true);
    private static final CartonType LARGE = carton("C3", "20 14 10", "1.4", "4", "50", 1.65, false);
    private static final CartonType TUBE = carton("T1", "40 3 3", "1.1", "20", "50", 1.95, false);
    private static final CartonType LONG = carton("L1", "30 9 8", "1.9", "20", "45", 2.40, false);
    private static final PackPlanner PLANNER = new PackPlanner(List.of(SMALL, MIDDLE, LARGE, TUBE, LONG));

    private static CartonType carton(
            String code, String inner, String tare, String from, String to, double cost, boolean standard) {
        Size size = size(inner);
        return new CartonType(
                code,
                code,
                size,
                size,
                pounds(tare),
                pounds(to),
                pounds(from),
                pounds(to),
                Money.of(CurrencyUnit.USD, cost),
                standard);
    }

    private static Size size(String sides) {
        String[] each = sides.split(" ", -1);
        return Size.of(each[0], each[1], each[2], LengthUnit.INCH);
    }

    private static Weight pounds(String amount) {
        return Weight.of(amount, WeightUnit.POUND);
    }

    private static PackItem item(long key, int quantity, String weight, String size) {
        return new PackItem(
                key,
                "Item " + key,
                quantity,
                weight.isEmpty() ? Optional.empty() : Optional.of(pounds(weight)),
                size.isEmpty() ? Optional.empty() : Optional.of(size(size)));
    }

    @Test
    void theCheapestCartonWhoseBandCoversTheContents() {
        PackPlan plan = PLANNER.plan(List.of(item(1, 6, "0.3", ""), item(2, 4, "0.4", "")));
        assertThat(plan.packages()).singleElement().satisfies(each -> {
            assertThat(each.carton()).isEqualTo(SMALL);
            assertThat(each.expectedWeight()).contains(pounds("3.75"));
            assertThat(each.reason()).isInstanceOf(CartonReason.WeightBand.class);
        });
    }

    @Test
    void aLongPieceDecidesTheCarton() {
        assertThat(PLANNER.plan(List.of(item(1, 1, "38", "38 2.5 2.5"))).packages())
                .singleElement()
                .matches(each -> each.carton().equals(TUBE));
        assertThat(PLANNER.plan(List.of(item(1, 2, "19.5", "24 2 2"))).packages())
                .singleElement()
                .matches(each -> each.carton().equals(LONG), "two rods do not lie in the tube");
    }

    @Test
    void tooMuchForOneCartonBecomesSeveral() {
        PackPlan plan = PLANNER.plan(List.of(item(1, 16, "4.1", "")));
        assertThat(plan.packages().stream().map(PlannedPackage::carton)).containsExactly(LARGE, MIDDLE);
        assertThat(plan.packages().get(0).contents()).containsExactly(new PackPlan.Content(1, 12));
    }

    @Test
    void withoutAWeightTheStandardCarton() {
        PackPlan plan = PLANNER.plan(List.of(item(1, 6, "0.3", ""), item(2, 1, "", "")));
        assertThat(plan.packages()).singleElement().satisfies(each -> {
            assertThat(each.carton()).isEqualTo(MIDDLE);
            assertThat(each.expectedWeight()).isEmpty();
        });
    }

    @Test
    void aPieceForWhichThereIsNoCartonIsSaid() {
        PackPlan plan = PLANNER.plan(List.of(item(1, 1, "300", "")));
        assertThat(plan.packages()).singleElement().matches(each -> each.reason() instanceof CartonReason.NothingFits);
    }

    @Test
    void whatIsLighterThanEveryBandStillFindsACarton() {
        assertThat(PLANNER.plan(List.of(item(1, 2, "0.05", ""))).packages())
                .singleElement()
                .matches(each -> each.carton().equals(SMALL));
    }

    /** Over random orders: every piece is placed once, and no band or limit is exceeded where a carton was found. */
    @Test
    void everyPieceIsPlacedOnceAndNoCartonIsOverfull() {
        Random random = new Random(31);
        for (int round = 0; round < 1_000; round++) {
            List<PackItem> items = new ArrayList<>();
            Map<Long, Integer> wanted = new HashMap<>();
            for (long key = 1; key <= 1 + random.nextInt(5); key++) {
                int quantity = 1 + random.nextInt(12);
                wanted.put(key, quantity);
                items.add(item(key, quantity, 1 + random.nextInt(90) + "e-1", ""));
            }
            Map<Long, Integer> placed = new HashMap<>();
            for (PlannedPackage each : PLANNER.plan(items).packages()) {
                each.contents().forEach(content -> placed.merge(content.itemKey(), content.quantity(), Integer::sum));
                if (each.reason() instanceof CartonReason.WeightBand) {
                    Weight contents = each.contentsWeight().orElseThrow();
                    assertThat(contents).isLessThanOrEqualTo(each.carton().greatestContents());
                }
            }
            assertThat(placed).isEqualTo(wanted);
        }
    }
}
