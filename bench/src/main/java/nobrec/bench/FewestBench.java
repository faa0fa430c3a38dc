package nobrec.bench;

import com.github.skjolber.packing.api.ContainerItem;
import com.github.skjolber.packing.api.PackagerResult;
import com.github.skjolber.packing.api.StackableItem;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import nobrec.core.carton.CartonType;
import nobrec.core.carton.PackageCost;
import nobrec.core.item.Handling;
import nobrec.core.item.PackItem;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.packing.DemoStock;
import nobrec.core.packing.PackPlanner;
import nobrec.core.packing.PackingLibrary;
import nobrec.core.packing.RandomBoxes;
import nobrec.core.packing.search.PackingEffort;

/** The fewest cartons, beside the packing library's for the same pieces: counts and times in one run. */
final class FewestBench {

    /** Mean cartons of an instance, and median times in nanoseconds. */
    record Fewest(String what, int pieces, double ours, double library, long nanos, long libraryNanos) {

        double ratio() {
            return (double) nanos / libraryNanos;
        }
    }

    private static final int INSTANCES = 10;
    private static final int ORDERS = 200;
    private static final int WARM_UP = 4;
    private static final int[] SIZES = {50, 100, 150, 200};

    private FewestBench() {}

    static List<Fewest> classes() {
        List<Fewest> all = new ArrayList<>();
        List<CartonType> cube = List.of(RandomBoxes.carton());
        for (int type = 1; type <= 5; type++) {
            for (int pieces : SIZES) {
                List<List<PackItem>> instances = new ArrayList<>();
                for (int seed = 0; seed < INSTANCES; seed++) {
                    instances.add(RandomBoxes.instance(type, pieces, seed));
                }
                Fewest first = measure("class " + type, pieces, instances, cube, List.of());
                // The very first is measured while the machine still compiles.
                all.add(all.isEmpty() ? measure(first.what(), pieces, instances, cube, List.of()) : first);
            }
        }
        return all;
    }

    /** Random orders of the demo's items; that nothing may lie on some is left out, because the library does not know of it. */
    static List<Fewest> demo() {
        List<Fewest> all = new ArrayList<>();
        for (int pieces : new int[] {10, 20, 40, 100}) {
            Random random = new Random(5);
            List<List<PackItem>> orders = new ArrayList<>();
            for (int order = 0; order < ORDERS; order++) {
                orders.add(order(random, pieces));
            }
            all.add(measure("demo's items", pieces, orders, DemoStock.parcelCartons(), List.of(new EachTheSame())));
        }
        return all;
    }

    private static List<PackItem> order(Random random, int pieces) {
        return PackingBench.order(random, pieces).stream()
                .map(item -> new PackItem(
                        item.key(),
                        item.description(),
                        item.quantity(),
                        item.unitWeight(),
                        item.unitSize(),
                        new Handling(item.handling().thisSideUp(), false, false),
                        item.lots()))
                .toList();
    }

    private static Fewest measure(
            String what, int pieces, List<List<PackItem>> orders, List<CartonType> cartons, List<PackageCost> costs) {
        PackPlanner planner = new PackPlanner(cartons);
        Fewest measured = null;
        for (int round = 0; round <= WARM_UP; round++) {
            List<Long> nanos = new ArrayList<>();
            List<Long> libraryNanos = new ArrayList<>();
            long ours = 0;
            long library = 0;
            for (List<PackItem> order : orders) {
                long start = System.nanoTime();
                ours += planner.plan(order, costs, PackingEffort.whileSomebodyWaits(() -> false))
                        .packages()
                        .size();
                nanos.add(System.nanoTime() - start);
                List<StackableItem> boxes = PackingLibrary.boxes(order);
                List<ContainerItem> containers = PackingLibrary.containers(cartons);
                start = System.nanoTime();
                PackagerResult packed = PackingLibrary.pack(boxes, containers);
                libraryNanos.add(System.nanoTime() - start);
                library += packed.size();
            }
            measured = new Fewest(
                    what,
                    pieces,
                    (double) ours / orders.size(),
                    (double) library / orders.size(),
                    median(nanos),
                    median(libraryNanos));
        }
        return measured;
    }

    private static long median(List<Long> nanos) {
        Collections.sort(nanos);
        return nanos.get(nanos.size() / 2);
    }

    /** The fewest packages are the cheapest. */
    private static final class EachTheSame implements PackageCost {

        @Override
        public String serviceName() {
            return "any";
        }

        @Override
        public boolean takesCartons() {
            return true;
        }

        @Override
        public long minimumCents() {
            return 100;
        }

        @Override
        public Weight maximumGross() {
            return new Weight(Long.MAX_VALUE);
        }

        @Override
        public long cents(CartonType carton, Size outer, Weight gross) {
            return 100;
        }
    }
}
