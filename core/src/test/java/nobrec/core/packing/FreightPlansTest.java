package nobrec.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType;
import nobrec.core.carton.PackageCost;
import nobrec.core.carton.Placement;
import nobrec.core.item.Handling;
import nobrec.core.item.PackItem;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.packing.PackPlan.PlannedPackage;
import nobrec.core.packing.search.PackingEffort;
import org.junit.jupiter.api.Test;

/** Random orders onto pallets and into crates: every piece once, nothing overlaps or stands out, no limit is passed. */
class FreightPlansTest {

    private static final int ORDERS = 150;
    private static final PackPlanner PLANNER = new PackPlanner(DemoStock.cartons());

    private static final PackageCost FREIGHT = new PalletCost();

    private static List<PackItem> order(Random random) {
        List<PackItem> order = new ArrayList<>(DemoStock.order(random));
        Size cylinder = DemoStock.size((20 + random.nextInt(30)) + "x" + (6 + random.nextInt(8)) + "x8");
        order.add(new PackItem(
                999,
                "Cylinder",
                1 + random.nextInt(12),
                Optional.of(DemoStock.weight("" + (40 + random.nextInt(120)))),
                Optional.of(cylinder),
                new Handling(random.nextBoolean(), random.nextInt(4) == 0, false),
                List.of()));
        return order;
    }

    @Test
    void noPlanIsImpossible() {
        Random random = new Random(31);
        for (int round = 0; round < ORDERS; round++) {
            List<PackItem> order = order(random);
            PackPlan plan = PLANNER.plan(order, List.of(FREIGHT), PackingEffort.whileSomebodyWaits(() -> false));
            Map<Long, Integer> left = new HashMap<>();
            order.forEach(item -> left.merge(item.key(), item.quantity(), Integer::sum));
            for (PlannedPackage each : plan.packages()) {
                each.contents().forEach(content -> left.merge(content.itemKey(), -content.quantity(), Integer::sum));
                isPossible(each);
            }
            assertThat(left.values()).as("%s", order).containsOnly(0);
        }
    }

    private static void isPossible(PlannedPackage each) {
        CartonType carton = each.carton();
        assertThat(carton.kind()).isIn(CartonKind.PALLET, CartonKind.CRATE);
        Weight gross = each.expectedWeight().orElseThrow();
        assertThat(gross.isAbove(FREIGHT.maximumGross())).isFalse();
        assertThat(gross.isAbove(carton.tare().plus(carton.maximumContents()))).isFalse();
        List<Placement> placements = each.placements();
        for (int one = 0; one < placements.size(); one++) {
            assertThat(end(placements.get(one), 0))
                    .isLessThanOrEqualTo(carton.inner().length().nanometers());
            assertThat(end(placements.get(one), 1))
                    .isLessThanOrEqualTo(carton.inner().width().nanometers());
            assertThat(end(placements.get(one), 2))
                    .isLessThanOrEqualTo(carton.inner().height().nanometers());
            for (int other = one + 1; other < placements.size(); other++) {
                assertThat(apart(placements.get(one), placements.get(other))).isTrue();
            }
        }
    }

    private static long begin(Placement each, int axis) {
        return (axis == 0 ? each.x() : axis == 1 ? each.y() : each.z()).nanometers();
    }

    private static long end(Placement each, int axis) {
        Size lying = each.lying();
        return begin(each, axis)
                + (axis == 0 ? lying.length() : axis == 1 ? lying.width() : lying.height()).nanometers();
    }

    private static boolean apart(Placement one, Placement other) {
        for (int axis = 0; axis < 3; axis++) {
            if (end(one, axis) <= begin(other, axis) || end(other, axis) <= begin(one, axis)) {
                return true;
            }
        }
        return false;
    }
}
