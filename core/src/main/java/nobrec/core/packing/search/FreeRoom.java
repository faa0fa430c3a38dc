package nobrec.core.packing.search;

import java.util.Arrays;

/**
 * The room left in a box: its largest empty cuboids, which may overlap. Every empty place in the box lies in one of them.
 * Bounds are in nanometers, six a cuboid: x, y, z of the corner nearest to the origin, then of the farthest.
 */
public final class FreeRoom {

    static final int BOUNDS = 6;

    private static final int ROOM_AT_FIRST = 48;
    private static final int COMPARED_AT_ONCE = 8;

    private long[] bounds;

    /** Of the cuboids cut off last: which of their bounds the cut made. */
    private int[] cuts;

    private int count;

    public FreeRoom(long[] room) {
        bounds = new long[ROOM_AT_FIRST * BOUNDS];
        cuts = new int[ROOM_AT_FIRST];
        bounds[3] = room[0];
        bounds[4] = room[1];
        bounds[5] = room[2];
        count = 1;
    }

    private FreeRoom(FreeRoom other) {
        bounds = other.bounds.clone();
        cuts = new int[other.cuts.length];
        count = other.count;
    }

    FreeRoom copy() {
        return new FreeRoom(this);
    }

    public int count() {
        return count;
    }

    /** How much looking and laying takes, in places: the room left is cut again, each part compared with the others. */
    int work() {
        return count + count * count / COMPARED_AT_ONCE;
    }

    public long bound(int cuboid, int which) {
        return bounds[cuboid * BOUNDS + which];
    }

    /** Gives a cuboid up: nothing that is left goes into it. */
    void close(int cuboid) {
        count--;
        System.arraycopy(bounds, count * BOUNDS, bounds, cuboid * BOUNDS, BOUNDS);
    }

    /** Takes a cuboid out of the room. What remains too small for the least piece is of no use and forgotten. */
    public void take(long x0, long y0, long z0, long x1, long y1, long z1, SmallestPiece minimum) {
        int before = count;
        int kept = 0;
        int added = before;
        for (int each = 0; each < before; each++) {
            int at = each * BOUNDS;
            boolean touched = bounds[at] < x1
                    && x0 < bounds[at + 3]
                    && bounds[at + 1] < y1
                    && y0 < bounds[at + 4]
                    && bounds[at + 2] < z1
                    && z0 < bounds[at + 5];
            if (!touched) {
                System.arraycopy(bounds, at, bounds, kept * BOUNDS, BOUNDS);
                kept++;
                continue;
            }
            long ax = bounds[at];
            long ay = bounds[at + 1];
            long az = bounds[at + 2];
            long bx = bounds[at + 3];
            long by = bounds[at + 4];
            long bz = bounds[at + 5];
            // The slots before "kept" are final and "added" lies behind all unread ones, so nothing unread is
            // overwritten.
            added = append(3, added, ax, ay, az, x0, by, bz, minimum);
            added = append(0, added, x1, ay, az, bx, by, bz, minimum);
            added = append(4, added, ax, ay, az, bx, y0, bz, minimum);
            added = append(1, added, ax, y1, az, bx, by, bz, minimum);
            added = append(5, added, ax, ay, az, bx, by, z0, minimum);
            added = append(2, added, ax, ay, z1, bx, by, bz, minimum);
        }
        count = keepMaximum(kept, before, added);
    }

    /** @param cut which of the bounds the cut made */
    private int append(int cut, int at, long ax, long ay, long az, long bx, long by, long bz, SmallestPiece minimum) {
        if (minimum.isTooLargeFor(bx - ax, by - ay, bz - az)) {
            return at;
        }
        int start = at * BOUNDS;
        if (start + BOUNDS > bounds.length) {
            bounds = Arrays.copyOf(bounds, bounds.length * 2);
            cuts = Arrays.copyOf(cuts, cuts.length * 2);
        }
        cuts[at] = cut;
        bounds[start] = ax;
        bounds[start + 1] = ay;
        bounds[start + 2] = az;
        bounds[start + 3] = bx;
        bounds[start + 4] = by;
        bounds[start + 5] = bz;
        return at + 1;
    }

    /** Moves those of the new ones that lie in no other one behind the kept ones. */
    private int keepMaximum(int kept, int from, int to) {
        int end = kept;
        for (int each = from; each < to; each++) {
            if (!liesInAnother(each, 0, end) && !liesInAnother(each, each + 1, to)) {
                System.arraycopy(bounds, each * BOUNDS, bounds, end * BOUNDS, BOUNDS);
                end++;
            }
        }
        return end;
    }

    /**
     * A cuboid that was cut off can only lie in one that ends at the same cut: any other either reached into what was taken
     * out, or lies on another side of it.
     */
    private boolean liesInAnother(int cuboid, int from, int to) {
        int at = cuboid * BOUNDS;
        int cut = cuts[cuboid];
        long madeByCut = bounds[at + cut];
        for (int other = from; other < to; other++) {
            int out = other * BOUNDS;
            if (bounds[out + cut] == madeByCut
                    && bounds[out] <= bounds[at]
                    && bounds[out + 1] <= bounds[at + 1]
                    && bounds[out + 2] <= bounds[at + 2]
                    && bounds[at + 3] <= bounds[out + 3]
                    && bounds[at + 4] <= bounds[out + 4]
                    && bounds[at + 5] <= bounds[out + 5]) {
                return true;
            }
        }
        return false;
    }
}
