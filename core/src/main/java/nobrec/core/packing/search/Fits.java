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
    private static final int MOST_COUNTS = 500_000;

    private final Map<Wanted, Optional<Load>> quick = new HashMap<>();
    private final Map<Wanted, Optional<Load>> thorough = new HashMap<>();
    private final Map<Wanted, Load> most = new HashMap<>();

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
        if (counts > MOST_COUNTS) {
            quick.clear();
            thorough.clear();
            most.clear();
        }
    }

    public Optional<Load> quickly(int carton, int[] wanted) {
        forgetMuch();
        return quick.computeIfAbsent(
                new Wanted(carton, wanted, 0),
                key -> filler.quickly(key.counts(), room(cartons.get(carton)), greatestContents(carton)));
    }

    public Optional<Load> thoroughly(int carton, int[] wanted) {
        Optional<Load> known = quickly(carton, wanted);
        return known.isPresent()
                ? known
                : thorough.computeIfAbsent(
                        new Wanted(carton, wanted, 0),
                        key -> filler.thoroughly(key.counts(), room(cartons.get(carton)), greatestContents(carton)));
    }

    private long greatestContents(int carton) {
        return cartons.get(carton).greatestContents().eighthNanograms();
    }

    /** The same without remembering it. */
    Optional<Load> once(int carton, int[] wanted) {
        return filler.quickly(wanted, room(cartons.get(carton)), greatestContents(carton));
    }

    long[] roomOf(int carton) {
        return room(cartons.get(carton));
    }

    /** @param greatest weight of the contents, in eighths of a nanogram */
    public Load most(int carton, int[] wanted, long greatest) {
        forgetMuch();
        return most.computeIfAbsent(new Wanted(carton, wanted, greatest), key -> {
            Load load = filler.most(key.counts(), room(cartons.get(carton)), greatest);
            quick.putIfAbsent(new Wanted(carton, load.counts(), 0), Optional.of(load));
            return load;
        });
    }

    boolean mayHold(int carton, int[] wanted) {
        CartonType type = cartons.get(carton);
        return filler.mayHold(wanted, room(type), type.greatestContents().eighthNanograms());
    }

    /** Whether one piece of a kind goes in for itself. */
    boolean mayHoldOne(int carton, int kind) {
        return kinds[kind].weight <= greatestContents(carton) && kinds[kind].fitsAlone(room(cartons.get(carton)));
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
            inner.length().nanometres(),
            inner.width().nanometres(),
            inner.height().nanometres()
        };
    }
}
