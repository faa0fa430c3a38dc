package nobrec.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nobrec.core.carton.CartonType;
import nobrec.core.item.PackItem;
import nobrec.core.packing.search.PackingEffort;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Against a packing library on the random boxes of {@link RandomBoxes}. Ours have half of their base borne; the library's need
 * not, to its advantage. All classes and sizes, with times, stand in the bench.
 */
class FewestCartonsTest {

    private static final int INSTANCES = 10;

    @ParameterizedTest
    @CsvSource({"1, 50", "1, 100", "4, 50", "4, 100", "5, 50", "5, 100"})
    void cartonsAreNotMoreThanTheLibrarys(int type, int pieces) {
        CartonType carton = RandomBoxes.carton();
        PackPlanner planner = new PackPlanner(List.of(carton));
        int ours = 0;
        int library = 0;
        for (int seed = 0; seed < INSTANCES; seed++) {
            List<PackItem> items = RandomBoxes.instance(type, pieces, seed);
            PackPlan plan = planner.plan(items, List.of(), PackingEffort.whileSomebodyWaits(() -> false));
            assertThat(PlanChecker.faults(plan, items)).isEmpty();
            ours += plan.packages().size();
            library += PackingLibrary.cartons(items, List.of(carton));
        }
        assertThat(ours).isLessThanOrEqualTo(library);
    }
}
