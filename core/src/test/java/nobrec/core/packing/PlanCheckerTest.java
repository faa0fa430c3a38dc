package nobrec.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import nobrec.core.carton.Placement;
import nobrec.core.item.Handling;
import nobrec.core.item.PackItem;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.packing.PackPlan.PlannedPackage;
import org.junit.jupiter.api.Test;

/** The checker finds what is wrong, so that its silence says something. */
class PlanCheckerTest {

    private static final List<PackItem> ITEMS = List.of(new PackItem(
            1,
            "Kit",
            8,
            Optional.of(DemoStock.weight("1")),
            Optional.of(DemoStock.size("4x3x2")),
            new Handling(true, false, false),
            List.of()));

    private static List<String> faultsWhen(UnaryOperator<Placement> wrong) {
        PlannedPackage good = PackPlannerTest.plan(new PackPlanner(DemoStock.parcelCartons()), ITEMS)
                .packages()
                .get(0);
        List<Placement> bad = new ArrayList<>(good.placements());
        bad.set(7, wrong.apply(bad.get(7)));
        return PlanChecker.faults(
                new PackPlan(List.of(
                        new PlannedPackage(good.carton(), good.contents(), bad, good.expectedWeight(), good.reason()))),
                ITEMS);
    }

    @Test
    void aGoodPlanHasNoFault() {
        assertThat(faultsWhen(UnaryOperator.identity())).isEmpty();
    }

    @Test
    void eachWrongIsFound() {
        Length far = Length.of("30", LengthUnit.INCH);
        Length zero = new Length(0);
        assertThat(faultsWhen(each -> new Placement(1, far, each.y(), each.z(), each.lying())))
                .anyMatch(fault -> fault.startsWith("sticks out"));
        assertThat(faultsWhen(each -> new Placement(1, zero, zero, zero, each.lying())))
                .anyMatch(fault -> fault.startsWith("two in one place"));
        assertThat(faultsWhen(each -> new Placement(1, each.x(), each.y(), each.z(), DemoStock.size("2x3x4"))))
                .anyMatch(fault -> fault.startsWith("is not of its size"));
        assertThat(faultsWhen(each -> new Placement(1, each.x(), each.y(), new Length(1_000_000), each.lying())))
                .anyMatch(fault -> fault.startsWith("hangs in the air"));
        assertThat(PlanChecker.faults(new PackPlan(List.of()), ITEMS)).anyMatch(fault -> fault.contains("{1=8}"));
    }
}
