package nobrec.core.packing.search;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Objects;
import java.util.Optional;

/**
 * Lays pieces into one box. First piece by piece in several orders; where these fail though the volume would do, by a search
 * that fills the lowest corner in every way that is left and turns back where it leads nowhere.
 *
 * <p>A load that is found is possible as it stands; that none is found says nothing.
 */
public final class Filler {

    /** A search pays only where little room is to spare: below this share of the box the orders find it. */
    private static final int SEARCH_ABOVE_PERCENT = 45;

    private static final int SEARCH_MAX_PIECES = 60;
    private static final int QUICK_MANNERS = 2;
    private static final int PERCENT = 100;

    /** How the next place for a piece is chosen. */
    private enum Rule {
        LOWEST,
        SNUGGEST
    }

    private record Manner(Integer[] order, Rule rule) {}

    private final PieceKind[] kinds;
    private final Manner[] manners;
    private final PackingEffort effort;

    Filler(PieceKind[] kinds, PackingEffort effort) {
        this.kinds = kinds;
        this.effort = effort;
        Integer[] byVolume = order(Comparator.comparingLong(kind -> -kind.volume));
        Integer[] byFace = order(Comparator.comparingLong(kind -> -kind.maximumFace));
        Integer[] byLength = order(Comparator.comparingLong(kind -> -kind.longest));
        Integer[] minimumTurnedFirst = order(
                Comparator.<PieceKind>comparingInt(kind -> kind.ways.length).thenComparingLong(kind -> -kind.volume));
        this.manners = new Manner[] {
            new Manner(byFace, Rule.LOWEST),
            new Manner(byVolume, Rule.SNUGGEST),
            new Manner(byLength, Rule.LOWEST),
            new Manner(byVolume, Rule.LOWEST),
            new Manner(minimumTurnedFirst, Rule.LOWEST),
            new Manner(byLength, Rule.SNUGGEST)
        };
    }

    private Integer[] order(Comparator<PieceKind> comparator) {
        Integer[] order = new Integer[kinds.length];
        Arrays.setAll(order, index -> index);
        // Those that bear nothing come last: the room over them is lost.
        Comparator<PieceKind> bearingFirst = Comparator.<PieceKind, Boolean>comparing(kind -> kind.nothingOnTop)
                .thenComparing(comparator);
        Arrays.sort(order, Comparator.comparing(index -> kinds[index], bearingFirst));
        return order;
    }

    /** All of the needed pieces in the box, when one of the first orders finds a way. */
    Optional<Load> quickly(int[] needed, long[] room, long maximumWeight) {
        return mayHold(needed, room, maximumWeight)
                ? byManners(needed, room, maximumWeight, 0, QUICK_MANNERS)
                : Optional.empty();
    }

    /** All of the needed pieces in the box, when a way is found by the other orders or by the search. */
    Optional<Load> thoroughly(int[] needed, long[] room, long maximumWeight) {
        if (!mayHold(needed, room, maximumWeight)) {
            return Optional.empty();
        }
        Optional<Load> found = byManners(needed, room, maximumWeight, QUICK_MANNERS, manners.length);
        long share = load(needed) * PERCENT / PieceKind.volume(room[0], room[1], room[2]);
        int pieces = sum(needed);
        if (found.isPresent() || effort.isSpent() || pieces > SEARCH_MAX_PIECES || share < SEARCH_ABOVE_PERCENT) {
            return found;
        }
        return new CornerSearch(kinds, manners[0].order(), effort).all(needed, pieces, room);
    }

    private Optional<Load> byManners(int[] needed, long[] room, long maximumWeight, int from, int to) {
        int pieces = sum(needed);
        for (int manner = from; manner < to; manner++) {
            Load load = greedy(needed, pieces, room, maximumWeight, manners[manner], true);
            if (load.pieces() == pieces) {
                return Optional.of(load);
            }
            if (effort.isSpent()) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** As many of the needed pieces as one pass through them lays into the box, the large ones first. */
    Load most(int[] needed, long[] room, long maximumWeight) {
        return greedy(needed, sum(needed), room, maximumWeight, manners[0], false);
    }

    /** What must hold of any load, looked at before one is tried: volume, weight, and each piece for itself. */
    boolean mayHold(int[] needed, long[] room, long maximumWeight) {
        long volume = 0;
        long weight = 0;
        for (int kind = 0; kind < kinds.length; kind++) {
            if (needed[kind] > 0) {
                volume += kinds[kind].volume * needed[kind];
                weight += kinds[kind].weight * needed[kind];
                if (!kinds[kind].fitsAlone(room)) {
                    return false;
                }
            }
        }
        return volume <= PieceKind.volume(room[0], room[1], room[2]) && weight <= maximumWeight;
    }

    /** @param allOrNothing whether to stop at the first piece that finds no room */
    private Load greedy(
            int[] needed, int pieces, long[] room, long maximumWeight, Manner manner, boolean allOrNothing) {
        Load load = new Load(kinds, room);
        SmallestPiece minimum = SmallestPiece.of(kinds, needed);
        for (int index : manner.order()) {
            PieceKind kind = kinds[index];
            for (int left = needed[index]; left > 0; left--) {
                if (load.weight() + kind.weight > maximumWeight || !layBest(load, index, manner.rule(), minimum)) {
                    if (allOrNothing) {
                        return load;
                    }
                    break;
                }
            }
        }
        return load;
    }

    private boolean layBest(Load load, int index, Rule rule, SmallestPiece minimum) {
        PieceKind kind = kinds[index];
        FreeRoom free = load.free();
        int bestCuboid = -1;
        long[] bestWay = null;
        long bestFirst = Long.MAX_VALUE;
        long bestSecond = Long.MAX_VALUE;
        long bestThird = Long.MAX_VALUE;
        boolean lowest = rule == Rule.LOWEST;
        for (int cuboid = 0; cuboid < free.count(); cuboid++) {
            long x = free.bound(cuboid, 0);
            long y = free.bound(cuboid, 1);
            long z = free.bound(cuboid, 2);
            if (lowest && z >= bestFirst) {
                continue;
            }
            long roomX = free.bound(cuboid, 3) - x;
            long roomY = free.bound(cuboid, 4) - y;
            long roomZ = free.bound(cuboid, 5) - z;
            for (long[] way : kind.ways) {
                if (way[0] > roomX || way[1] > roomY || way[2] > roomZ) {
                    continue;
                }
                // The smallest gap: nothing is left there that is too thin for anything.
                long first = lowest ? z + way[2] : Math.min(roomX - way[0], Math.min(roomY - way[1], roomZ - way[2]));
                if (first > bestFirst) {
                    continue;
                }
                long second = lowest ? y + way[1] : z;
                long third = lowest ? x : y;
                boolean better =
                        first < bestFirst || second < bestSecond || (second == bestSecond && third < bestThird);
                if (better && load.takes(cuboid, kind, way)) {
                    bestCuboid = cuboid;
                    bestWay = way;
                    bestFirst = first;
                    bestSecond = second;
                    bestThird = third;
                }
            }
        }
        effort.spend(free.work());
        if (bestCuboid < 0) {
            return false;
        }
        load.lay(index, bestCuboid, Objects.requireNonNull(bestWay), minimum);
        return true;
    }

    private long load(int[] needed) {
        long volume = 0;
        for (int kind = 0; kind < kinds.length; kind++) {
            volume += kinds[kind].volume * needed[kind];
        }
        return volume;
    }

    public static int sum(int[] counts) {
        int sum = 0;
        for (int each : counts) {
            sum += each;
        }
        return sum;
    }
}
