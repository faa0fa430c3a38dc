package nobrec.core.packing.search;

import java.util.Arrays;

/** A number of each kind of piece, wanted in a carton below a weight: a key to remember what was found for it. */
final class Wanted {

    private static final int ANY_CARTON = -1;

    private final int carton;
    private final int[] counts;
    private final long greatest;
    private final int hash;

    /** @param greatest weight of the contents, in eighths of a nanogram */
    Wanted(int carton, int[] counts, long greatest) {
        this.carton = carton;
        this.counts = counts.clone();
        this.greatest = greatest;
        this.hash = (Arrays.hashCode(counts) * 31 + carton) * 31 + Long.hashCode(greatest);
    }

    /** In whatever carton. */
    static Wanted of(int[] counts) {
        return new Wanted(ANY_CARTON, counts, 0);
    }

    int[] counts() {
        return counts;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Wanted wanted
                && wanted.carton == carton
                && wanted.greatest == greatest
                && Arrays.equals(wanted.counts, counts);
    }

    @Override
    public int hashCode() {
        return hash;
    }
}
