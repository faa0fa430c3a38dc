package nobrec.core.packing.search;

/**
 * The least sides that any of some pieces has, in nanometers: room in which not even such a piece would go is of no use.
 *
 * @param shortest the least of the shortest sides
 * @param middle the least of the sides between
 * @param longest the least of the longest sides
 */
public record SmallestPiece(long shortest, long middle, long longest) {

    static SmallestPiece of(PieceKind[] kinds, int[] needed) {
        long shortest = Long.MAX_VALUE;
        long middle = Long.MAX_VALUE;
        long longest = Long.MAX_VALUE;
        for (int kind = 0; kind < kinds.length; kind++) {
            if (needed[kind] > 0) {
                shortest = Math.min(shortest, kinds[kind].shortest);
                middle = Math.min(middle, kinds[kind].middle);
                longest = Math.min(longest, kinds[kind].longest);
            }
        }
        return new SmallestPiece(Math.max(1, shortest), middle, longest);
    }

    /** Whether there is no use for a room with these sides. */
    public boolean isTooLargeFor(long x, long y, long z) {
        if (x < shortest || y < shortest || z < shortest) {
            return true;
        }
        int wide = (x >= middle ? 1 : 0) + (y >= middle ? 1 : 0) + (z >= middle ? 1 : 0);
        return wide < 2 || (x < longest && y < longest && z < longest);
    }
}
