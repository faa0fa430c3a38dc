package nobrec.core.packing.search;

import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.Set;
import nobrec.core.item.PackItem;
import nobrec.core.measure.Size;

/** Equal pieces as the sums need them: sides in nanometers, weight in eighths of a nanogram. */
public final class PieceKind {

    /** Volumes are counted in cubes of ten micrometres, or a lorry's would not fit into a long. */
    static final long VOLUME_UNIT = 10_000;

    final PackItem item;

    /** The ways it may lie, three sides each: length, width, height. */
    final long[][] ways;

    final long volume;
    final long weight;
    final long longest;
    final long shortest;
    final long middle;
    final long maximumFace;
    final boolean nothingOnTop;

    public PieceKind(PackItem item) {
        this.item = item;
        Size size = item.unitSize().orElseThrow();
        long[] sides = {
            size.length().nanometers(), size.width().nanometers(), size.height().nanometers()
        };
        this.ways = ways(sides, item.handling().thisSideUp());
        this.volume = volume(sides[0], sides[1], sides[2]);
        this.weight = item.unitWeight().orElseThrow().eighthNanograms();
        this.nothingOnTop = item.handling().nothingOnTop();
        long[] sorted = sides.clone();
        Arrays.sort(sorted);
        this.shortest = sorted[0];
        this.middle = sorted[1];
        this.longest = sorted[2];
        this.maximumFace = volume(sorted[1], sorted[2], VOLUME_UNIT);
    }

    /** Rounded down, so that pieces which fill a box to the last bit are never refused by their volume. */
    public static long volume(long x, long y, long z) {
        return (x / VOLUME_UNIT) * (y / VOLUME_UNIT) * (z / VOLUME_UNIT);
    }

    boolean fitsAlone(long[] room) {
        for (long[] way : ways) {
            if (way[0] <= room[0] && way[1] <= room[1] && way[2] <= room[2]) {
                return true;
            }
        }
        return false;
    }

    private static long[][] ways(long[] side, boolean upright) {
        Set<Way> distinct = new LinkedHashSet<>();
        distinct.add(new Way(side[0], side[1], side[2]));
        distinct.add(new Way(side[1], side[0], side[2]));
        if (!upright) {
            distinct.add(new Way(side[0], side[2], side[1]));
            distinct.add(new Way(side[2], side[0], side[1]));
            distinct.add(new Way(side[1], side[2], side[0]));
            distinct.add(new Way(side[2], side[1], side[0]));
        }
        return distinct.stream()
                .map(way -> new long[] {way.x(), way.y(), way.z()})
                .toArray(long[][]::new);
    }

    private record Way(long x, long y, long z) {}
}
