package nobrec.core.packing.search;

import java.util.Optional;

/**
 * Looks for a way to lay all pieces into one box when little room is to spare: the lowest free corner is filled with each
 * kind in each way in turn; where no kind goes, the corner is given up while the room that is lost allows it.
 */
final class CornerSearch {

    private final PieceKind[] kinds;
    private final Integer[] order;
    private final PackingEffort effort;

    CornerSearch(PieceKind[] kinds, Integer[] order, PackingEffort effort) {
        this.kinds = kinds;
        this.order = order;
        this.effort = effort;
    }

    Optional<Load> all(int[] needed, int pieces, long[] room) {
        return fill(new Load(kinds, room), needed.clone(), pieces, SmallestPiece.of(kinds, needed));
    }

    private Optional<Load> fill(Load load, int[] left, int pieces, SmallestPiece minimum) {
        if (load.pieces() == pieces) {
            return Optional.of(load);
        }
        while (true) {
            int corner = lowest(load.free());
            if (corner < 0 || !eachFindsRoom(load, left)) {
                return Optional.empty();
            }
            boolean tried = false;
            for (int index : order) {
                if (left[index] == 0) {
                    continue;
                }
                for (long[] way : kinds[index].ways) {
                    if (!load.takes(corner, kinds[index], way)) {
                        continue;
                    }
                    tried = true;
                    effort.spend();
                    if (effort.isSpent()) {
                        return Optional.empty();
                    }
                    Load next = load.copy();
                    next.lay(index, corner, way, minimum);
                    left[index]--;
                    Optional<Load> found = fill(next, left, pieces, minimum);
                    left[index]++;
                    if (found.isPresent()) {
                        return found;
                    }
                }
            }
            if (tried) {
                return Optional.empty();
            }
            load.free().close(corner);
        }
    }

    private static int lowest(FreeRoom free) {
        int best = -1;
        for (int each = 0; each < free.count(); each++) {
            if (best < 0 || lies(free, each, best)) {
                best = each;
            }
        }
        return best;
    }

    private static boolean lies(FreeRoom free, int one, int other) {
        for (int axis = 2; axis >= 0; axis--) {
            int order = Long.compare(free.bound(one, axis), free.bound(other, axis));
            if (order != 0) {
                return order < 0;
            }
        }
        return false;
    }

    private boolean eachFindsRoom(Load load, int[] left) {
        for (int index = 0; index < kinds.length; index++) {
            if (left[index] > 0 && !findsRoom(load.free(), kinds[index])) {
                return false;
            }
        }
        return true;
    }

    private static boolean findsRoom(FreeRoom free, PieceKind kind) {
        for (int each = 0; each < free.count(); each++) {
            long x = free.bound(each, 3) - free.bound(each, 0);
            long y = free.bound(each, 4) - free.bound(each, 1);
            long z = free.bound(each, 5) - free.bound(each, 2);
            for (long[] way : kind.ways) {
                if (way[0] <= x && way[1] <= y && way[2] <= z) {
                    return true;
                }
            }
        }
        return false;
    }
}
