package nobrec.core.packing.search;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.carton.CartonType;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/** What fits into which carton, looked at once and remembered for the whole plan, whatever service carries it. */
public final class Fits {

    private final PieceKind[] kinds;
    private final List<CartonType> cartons;
    private final Filler filler;
    /** What is remembered is forgotten once so many counts are kept: a plan of very many kinds must not fill the memory. */
    private static final int MAX_COUNTS = 500_000;

    private final Map<Needed, Optional<Load>> quick = new HashMap<>();
    private final Map<Needed, Optional<Load>> thorough = new HashMap<>();
    private final Map<Needed, Load> most = new HashMap<>();

    public Fits(PieceKind[] kinds, List<CartonType> cartons, PackingEffort effort) {
        this.kinds = kinds;
        this.cartons = cartons;
        this.filler = new Filler(kinds, effort);
    }

    public List<CartonType> cartons() {
        return cartons;
    }

    PieceKind[] kinds() {
        return kinds;
    }

    private void forgetMuch() {
        long counts = (long) (quick.size() + thorough.size() + most.size()) * (kinds.length + 16);
        if (counts > MAX_COUNTS) {
            quick.clear();
            thorough.clear();
            most.clear();
        }
    }

    public Optional<Load> quickly(int carton, int[] needed) {
        forgetMuch();
        return quick.computeIfAbsent(
                new Needed(carton, needed, 0),
                key -> filler.quickly(key.counts(), room(cartons.get(carton)), maximumContents(carton)));
    }

    public Optional<Load> thoroughly(int carton, int[] needed) {
        Optional<Load> known = quickly(carton, needed);
        return known.isPresent()
                ? known
                : thorough.computeIfAbsent(
                        new Needed(carton, needed, 0),
                        key -> filler.thoroughly(key.counts(), room(cartons.get(carton)), maximumContents(carton)));
    }

    private long maximumContents(int carton) {
        return cartons.get(carton).maximumContents().eighthNanograms();
    }

    /** The same without remembering it. */
    Optional<Load> once(int carton, int[] needed) {
        return filler.quickly(needed, room(cartons.get(carton)), maximumContents(carton));
    }

    long[] roomOf(int carton) {
        return room(cartons.get(carton));
    }

    /** @param maximum weight of the contents, in eighths of a nanogram */
    public Load most(int carton, int[] needed, long maximum) {
        forgetMuch();
        return most.computeIfAbsent(new Needed(carton, needed, maximum), key -> {
            Load load = filler.most(key.counts(), room(cartons.get(carton)), maximum);
            quick.putIfAbsent(new Needed(carton, load.counts(), 0), Optional.of(load));
            return load;
        });
    }

    boolean mayHold(int carton, int[] needed) {
        CartonType type = cartons.get(carton);
        return filler.mayHold(needed, room(type), type.maximumContents().eighthNanograms());
    }

    /** Whether one piece of a kind goes in for itself. */
    boolean mayHoldOne(int carton, int kind) {
        return kinds[kind].weight <= maximumContents(carton) && kinds[kind].fitsAlone(room(cartons.get(carton)));
    }

    /** Carton and so many pieces of one kind. */
    public Weight gross(int carton, int kind, int pieces) {
        return new Weight(cartons.get(carton).tare().eighthNanograms() + kinds[kind].weight * pieces);
    }

    public Weight gross(int carton, int[] counts) {
        long weight = cartons.get(carton).tare().eighthNanograms();
        for (int kind = 0; kind < kinds.length; kind++) {
            weight += kinds[kind].weight * counts[kind];
        }
        return new Weight(weight);
    }

    Size outer(int carton, Load load) {
        return cartons.get(carton).outerWhenFilledTo(new Length(load.height()));
    }

    private static long[] room(CartonType type) {
        Size inner = type.inner();
        return new long[] {
            inner.length().nanometers(),
            inner.width().nanometers(),
            inner.height().nanometers()
        };
    }
}
