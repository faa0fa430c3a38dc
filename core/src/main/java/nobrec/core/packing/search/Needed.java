package nobrec.core.packing.search;

import java.util.Arrays;

/** A number of each kind of piece, needed in a carton below a weight: a key to remember what was found for it. */
final class Needed {

    private static final int ANY_CARTON = -1;

    private final int carton;
    private final int[] counts;
    private final long maximum;
    private final int hash;

    /** @param maximum weight of the contents, in eighths of a nanogram */
    Needed(int carton, int[] counts, long maximum) {
        this.carton = carton;
        this.counts = counts.clone();
        this.maximum = maximum;
        this.hash = (Arrays.hashCode(counts) * 31 + carton) * 31 + Long.hashCode(maximum);
    }

    /** In whatever carton. */
    static Needed of(int[] counts) {
        return new Needed(ANY_CARTON, counts, 0);
    }

    int[] counts() {
        return counts;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Needed needed
                && needed.carton == carton
                && needed.maximum == maximum
                && Arrays.equals(needed.counts, counts);
    }

    @Override
    public int hashCode() {
        return hash;
    }
}
