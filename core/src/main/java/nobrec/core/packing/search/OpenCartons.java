package nobrec.core.packing.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * Packs into cartons that all stay open: each piece goes where it leaves the smallest gaps, a new carton is opened only
 * where none has room, of the first kind that takes the piece. Then the emptiest carton is given up as often as what is in it and in one or two others goes into one
 * carton less.
 */
final class OpenCartons {

    /** Cartons looked at for giving up the emptiest: so many of the emptiest. */
    private static final int EMPTIEST = 5;

    /** How the pieces of so few cartons are packed again. */
    private static final int MANNERS_AGAIN = 2;

    /** What fills more of the room than this is not tried to be packed into one carton less. */
    private static final int FULL_PERCENT = 95;

    private static final int PERCENT = 100;

    /** Room is used up when so much of it is taken, on the whole. */
    private static final double FULL_SHARE = 1.2;

    private static final int NONE = -1;

    /** Which place is the best. */
    private enum Place {
        /** Smallest gap beside the piece, then the next, in whatever carton. */
        SNUGGEST,
        /** In the carton that has the least weight to spare, then as snug as can be. */
        HEAVIEST
    }

    /** How the first piece stands in a carton. */
    private enum First {
        FLAT,
        UPRIGHT
    }

    /** In which order pieces come, and where they go. */
    private record Manner(Integer[] order, Place place, First first) {}

    private final PieceKind[] kinds;
    private final List<Manner> byRoom;
    private final Integer[] byWeight;
    private final PackingEffort effort;

    OpenCartons(PieceKind[] kinds, PackingEffort effort) {
        this.kinds = kinds;
        this.effort = effort;
        Integer[] byVolume = order(Comparator.comparingLong(kind -> -kind.volume));
        Integer[] bySides = order(Comparator.comparingLong(kind -> -(kind.longest + kind.middle + kind.shortest)));
        this.byWeight = order(Comparator.comparingLong(kind -> -kind.weight));
        this.byRoom = List.of(
                new Manner(byVolume, Place.SNUGGEST, First.FLAT), new Manner(bySides, Place.SNUGGEST, First.UPRIGHT));
    }

    /** Those that bear nothing come last: the room over them is lost. */
    private Integer[] order(Comparator<PieceKind> comparator) {
        Integer[] order = new Integer[kinds.length];
        Arrays.setAll(order, index -> index);
        Comparator<PieceKind> bearingFirst = Comparator.<PieceKind, Boolean>comparing(kind -> kind.nothingOnTop)
                .thenComparing(comparator);
        Arrays.sort(order, Comparator.comparing(index -> kinds[index], bearingFirst));
        return order;
    }

    /**
     * A kind of carton.
     *
     * @param carton which one
     * @param maximum weight of its contents
     */
    record Kind(int carton, long[] room, long maximum) {

        boolean takes(PieceKind kind) {
            return kind.weight <= maximum && kind.fitsAlone(room);
        }
    }

    /** A carton with what is in it. */
    record Open(Kind kind, Load load) {}

    /**
     * The fewest cartons found.
     *
     * @param needed pieces of each kind, each of which one of the cartons takes
     * @param preferred a carton is opened of the first of these that takes the piece
     */
    List<Open> fewest(int[] needed, List<Kind> preferred) {
        List<Manner> manners = manners(needed, preferred.get(0));
        List<Open> best = List.of();
        for (Manner manner : manners) {
            List<Open> cartons = fill(needed, preferred, manner, Integer.MAX_VALUE);
            if (best.isEmpty() || cartons.size() < best.size()) {
                best = cartons;
            }
            if (effort.isSpent()) {
                return best;
            }
        }
        return emptied(new ArrayList<>(best), manners, preferred);
    }

    /** Where weight needs more cartons than room does, the heavy ones come first. */
    private List<Manner> manners(int[] needed, Kind carton) {
        double volume = 0;
        double weight = 0;
        for (int kind = 0; kind < kinds.length; kind++) {
            volume += (double) kinds[kind].volume * needed[kind];
            weight += (double) kinds[kind].weight * needed[kind];
        }
        if (weight / carton.maximum <= FULL_SHARE * volume / volume(carton)) {
            return byRoom;
        }
        return List.of(
                new Manner(byWeight, Place.HEAVIEST, First.FLAT),
                new Manner(byWeight, Place.SNUGGEST, First.FLAT),
                byRoom.get(0));
    }

    private static long volume(Kind carton) {
        return PieceKind.volume(carton.room[0], carton.room[1], carton.room[2]);
    }

    /** One pass, of which only the cartons opened last stay open: what it takes grows with the pieces alone. */
    List<Open> inOnePass(int[] needed, List<Kind> preferred, int open) {
        return fill(needed, preferred, byRoom.get(0), open);
    }

    private List<Open> fill(int[] needed, List<Kind> preferred, Manner manner, int most) {
        List<Open> cartons = new ArrayList<>();
        SmallestPiece minimum = SmallestPiece.of(kinds, needed);
        // What the first kind of carton does not take comes first: the others then fill up what was opened for it.
        for (boolean others : new boolean[] {false, true}) {
            for (int index : manner.order()) {
                if (needed[index] > 0 && preferred.get(0).takes(kinds[index]) == others) {
                    for (int left = needed[index]; left > 0; left--) {
                        lay(index, cartons, preferred, manner, most, minimum);
                    }
                }
            }
        }
        return cartons;
    }

    private void lay(
            int index, List<Open> cartons, List<Kind> preferred, Manner manner, int most, SmallestPiece minimum) {
        Seat seat = new Seat(manner.place());
        for (int each = Math.max(0, cartons.size() - most); each < cartons.size(); each++) {
            Open open = cartons.get(each);
            seat.look(open.load, kinds[index], open.kind.maximum);
        }
        effort.spend(seat.looked);
        if (seat.load == null) {
            Kind kind = preferred.stream()
                    .filter(each -> each.takes(kinds[index]))
                    .findFirst()
                    .orElseThrow();
            Open opened = new Open(kind, new Load(kinds, kind.room));
            cartons.add(opened);
            opened.load.lay(index, 0, firstWay(kinds[index], kind.room, manner.first()), minimum);
        } else {
            Objects.requireNonNull(seat.load).lay(index, seat.cuboid, Objects.requireNonNull(seat.way), minimum);
        }
    }

    private static long[] firstWay(PieceKind kind, long[] room, First first) {
        long[] best = null;
        for (long[] way : kind.ways) {
            boolean fits = way[0] <= room[0] && way[1] <= room[1] && way[2] <= room[2];
            if (fits && (best == null || (first == First.FLAT ? way[2] < best[2] : way[2] > best[2]))) {
                best = way;
            }
        }
        if (best == null) {
            throw new IllegalArgumentException("A piece that is larger than its carton");
        }
        return best;
    }

    private List<Open> emptied(List<Open> cartons, List<Manner> manners, List<Kind> preferred) {
        boolean given = true;
        while (given && cartons.size() > 1 && !effort.isSpent()) {
            cartons.sort(Comparator.comparingLong(each -> each.load.volume()));
            given = giveUpEmptiest(cartons, manners, preferred);
        }
        return cartons;
    }

    /** @return whether what is in some cartons with the emptiest among them now lies in one less */
    private boolean giveUpEmptiest(List<Open> cartons, List<Manner> manners, List<Kind> preferred) {
        int last = Math.min(EMPTIEST, cartons.size());
        for (int second = 1; second < last; second++) {
            for (int third = second + 1; third <= last && !effort.isSpent(); third++) {
                List<Open> some = new ArrayList<>(List.of(cartons.get(0), cartons.get(second)));
                if (third < last) {
                    some.add(cartons.get(third));
                }
                List<Open> fewer = again(some, manners, preferred);
                if (fewer.size() < some.size()) {
                    cartons.removeAll(some);
                    cartons.addAll(fewer);
                    return true;
                }
            }
        }
        return false;
    }

    private List<Open> again(List<Open> some, List<Manner> manners, List<Kind> preferred) {
        int[] counts = new int[kinds.length];
        long volume = 0;
        long weight = 0;
        for (Open open : some) {
            open.load.addTo(counts);
            volume += open.load.volume();
            weight += open.load.weight();
        }
        int needed = some.size() - 1;
        Kind carton = preferred.get(0);
        if (volume > volume(carton) / PERCENT * FULL_PERCENT * needed || weight / needed > carton.maximum) {
            return some;
        }
        for (Manner manner : manners.subList(0, MANNERS_AGAIN)) {
            List<Open> fewer = fill(counts, preferred, manner, Integer.MAX_VALUE);
            if (fewer.size() <= needed) {
                return fewer;
            }
            if (effort.isSpent()) {
                return some;
            }
        }
        return some;
    }

    /** The best place seen for a piece. */
    private static final class Seat {

        private final Place place;
        private long maximum;
        private int looked;
        private @Nullable Load load;
        private int cuboid = NONE;
        private long @Nullable [] way;
        private long first = Long.MAX_VALUE;
        private long second = Long.MAX_VALUE;
        private long third = Long.MAX_VALUE;

        Seat(Place place) {
            this.place = place;
        }

        void look(Load candidate, PieceKind kind, long maximumWeight) {
            maximum = maximumWeight;
            if (candidate.roomLeft() < kind.volume || candidate.weight() + kind.weight > maximum) {
                return;
            }
            FreeRoom free = candidate.free();
            looked += free.count();
            for (int each = 0; each < free.count(); each++) {
                long roomX = free.bound(each, 3) - free.bound(each, 0);
                long roomY = free.bound(each, 4) - free.bound(each, 1);
                long roomZ = free.bound(each, 5) - free.bound(each, 2);
                if (Math.max(roomX, Math.max(roomY, roomZ)) < kind.longest
                        || Math.min(roomX, Math.min(roomY, roomZ)) < kind.shortest) {
                    continue;
                }
                for (long[] turned : kind.ways) {
                    long x = roomX - turned[0];
                    long y = roomY - turned[1];
                    long z = roomZ - turned[2];
                    if (x >= 0 && y >= 0 && z >= 0) {
                        offer(candidate, kind, each, turned, x, y, z);
                    }
                }
            }
        }

        private void offer(Load candidate, PieceKind kind, int each, long[] turned, long x, long y, long z) {
            long one;
            long two;
            long three;
            if (place == Place.HEAVIEST) {
                one = maximum - candidate.weight();
                two = Math.min(x, Math.min(y, z));
                three = Math.max(x, Math.max(y, z));
            } else {
                one = Math.min(x, Math.min(y, z));
                three = Math.max(x, Math.max(y, z));
                two = x + y + z - one - three;
            }
            boolean better = one < first || (one == first && (two < second || (two == second && three < third)));
            if (better && candidate.takes(each, kind, turned)) {
                load = candidate;
                cuboid = each;
                way = turned;
                first = one;
                second = two;
                third = three;
            }
        }
    }
}
