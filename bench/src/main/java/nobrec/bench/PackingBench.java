package nobrec.bench;

import com.github.skjolber.packing.api.ContainerItem;
import com.github.skjolber.packing.api.StackableItem;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.ToLongFunction;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType;
import nobrec.core.item.PackItem;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.packing.CutUpBox;
import nobrec.core.packing.DemoStock;
import nobrec.core.packing.PackPlanner;
import nobrec.core.packing.PackingLibrary;
import nobrec.core.packing.search.PackingEffort;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.rating.DemoRates;

/** Plans of random orders beside the packing library's for the same pieces and cartons, one after the other in one run. */
final class PackingBench {

    /** Median and largest time of a plan, and the median of the library's, in nanoseconds. */
    record Times(long median, long maximum, long libraryMedian) {}

    /** Of so many cut-up boxes so many were put together again. */
    record Solved(int pieces, int boxes, int ours, int library) {}

    private static final int WARM_UP = 3;
    private static final List<CartonType> CARTONS = cartonsAndTheCarriersBox();
    private static final PackPlanner PLANNER = new PackPlanner(CARTONS);
    private static final Tariff GROUND = DemoRates.demoSheet("plover-ground-2026.csv");

    private PackingBench() {}

    /** The demo's cartons for parcels, and the one that a carrier supplies as if it were ours. */
    private static List<CartonType> cartonsAndTheCarriersBox() {
        List<CartonType> cartons = new ArrayList<>(DemoStock.parcelCartons());
        DemoStock.cartons().stream()
                .filter(carton -> carton.supply().carrierCode().isPresent())
                .map(PackingBench::asOurOwn)
                .forEach(cartons::add);
        return cartons;
    }

    private static CartonType asOurOwn(CartonType carton) {
        return new CartonType(
                carton.code(),
                carton.name(),
                carton.kind(),
                carton.inner(),
                carton.outer(),
                carton.tare(),
                carton.maximumContents(),
                carton.bandFrom(),
                carton.bandTo(),
                carton.cost(),
                carton.statedWeight(),
                carton.standard(),
                CartonType.Supply.OUR_OWN);
    }

    static int cartons() {
        return CARTONS.size();
    }

    /** @param pieces of each order; up to 20 all different */
    static Times times(int pieces, int orders) {
        Times times = null;
        for (int round = 0; round <= WARM_UP; round++) {
            Random random = new Random(5);
            List<Long> ours = new ArrayList<>();
            List<Long> library = new ArrayList<>();
            for (int each = 0; each < orders; each++) {
                List<PackItem> order = order(random, pieces);
                List<StackableItem> boxes = PackingLibrary.boxes(order);
                List<ContainerItem> containers = PackingLibrary.containers(CARTONS);
                ours.add(nanos(
                        order,
                        all -> PLANNER.plan(
                                        all,
                                        List.of(DemoRates.cost(GROUND)),
                                        PackingEffort.whileSomebodyWaits(() -> false))
                                .packages()
                                .size()));
                library.add(
                        nanos(boxes, all -> PackingLibrary.pack(all, containers).size()));
            }
            times = new Times(median(ours), Collections.max(ours), median(library));
        }
        return times;
    }

    private static <T> long nanos(T input, ToLongFunction<T> work) {
        long start = System.nanoTime();
        if (work.applyAsLong(input) < 0) {
            throw new IllegalStateException("A negative number of packages");
        }
        return System.nanoTime() - start;
    }

    private static long median(List<Long> nanos) {
        return nanos.stream().sorted().skip(nanos.size() / 2).findFirst().orElseThrow();
    }

    static List<PackItem> order(Random random, int pieces) {
        List<PackItem> stock = new ArrayList<>(DemoStock.items());
        stock.removeIf(item -> item.handling().alone());
        Collections.shuffle(stock, random);
        int kinds = Math.min(pieces, 20);
        List<PackItem> order = new ArrayList<>();
        for (int kind = 0; kind < kinds; kind++) {
            PackItem item = stock.get(kind);
            int quantity = pieces / kinds;
            order.add(new PackItem(
                    item.key(),
                    item.description(),
                    quantity,
                    item.unitWeight(),
                    item.unitSize(),
                    item.handling(),
                    item.lots()));
        }
        return order;
    }

    /** Boxes cut at random by full cuts; fixed seeds. */
    static Solved solved(int pieces, int boxes) {
        int ours = 0;
        int library = 0;
        CartonType box = box();
        for (int seed = 0; seed < boxes; seed++) {
            List<PackItem> items = CutUpBox.pieces(pieces, seed);
            ours += PackPlanner.arrange(box, items).isPresent() ? 1 : 0;
            library += PackingLibrary.cartons(items, List.of(box)) == 1 ? 1 : 0;
        }
        return new Solved(pieces, boxes, ours, library);
    }

    private static CartonType box() {
        CartonType any = CARTONS.get(0);
        Size size = Size.of("40", "30", "25", LengthUnit.INCH);
        return new CartonType(
                "BOX",
                "Box",
                CartonKind.CARTON,
                size,
                size,
                any.tare(),
                DemoStock.weight("10000"),
                any.bandFrom(),
                any.bandTo(),
                any.cost(),
                Optional.empty(),
                false,
                CartonType.Supply.OUR_OWN);
    }
}
