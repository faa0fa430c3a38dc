package nobrec.core.packing.search;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Equal pieces in rows, columns and layers: what many of them fill a carton with. Beside the rows, and over them, others lie the
 * way that fits best there.
 */
final class Grid {

    private final PieceKind kind;
    private final int index;
    private final Optional<Load> load;
    private long left;

    private Grid(int index, PieceKind kind, Optional<Load> load, long left) {
        this.index = index;
        this.kind = kind;
        this.load = load;
        this.left = left;
    }

    /** How many of a kind go into a carton so, {@code most} at the most. */
    static int capacity(PieceKind kind, long[] room, long maximum, int most) {
        return (int) new Grid(0, kind, Optional.empty(), byWeight(kind, maximum, most)).filled(room);
    }

    private static long byWeight(PieceKind kind, long maximum, int most) {
        return kind.weight == 0 ? most : Math.min(most, maximum / kind.weight);
    }

    private long filled(long[] room) {
        long before = left;
        // Nothing lies over a piece that bears nothing: one layer.
        fill(0, 0, 0, room[0], room[1], room[2], kind.nothingOnTop);
        return before - left;
    }

    /** As many of a kind as go into a carton so, {@code most} at the most. */
    static Load fill(PieceKind[] kinds, int index, long[] room, long maximum, int most) {
        Load load = new Load(kinds, room);
        new Grid(index, kinds[index], Optional.of(load), byWeight(kinds[index], maximum, most)).filled(room);
        return load;
    }

    private void fill(long x, long y, long z, long toX, long toY, long toZ, boolean oneLayer) {
        long[] way = bestWay(toX - x, toY - y, toZ - z, oneLayer);
        if (way == null || left == 0) {
            return;
        }
        long columns = (toX - x) / way[0];
        long rows = (toY - y) / way[1];
        long layers = oneLayer ? 1 : (toZ - z) / way[2];
        lay(x, y, z, way, columns, rows, layers);
        if (left == 0 || oneLayer && z > 0) {
            return;
        }
        long endX = x + columns * way[0];
        long endY = y + rows * way[1];
        long endZ = z + layers * way[2];
        fill(endX, y, z, toX, toY, toZ, oneLayer);
        fill(x, endY, z, endX, toY, toZ, oneLayer);
        if (!oneLayer) {
            fill(x, y, endZ, endX, endY, toZ, false);
        }
    }

    private long @Nullable [] bestWay(long x, long y, long z, boolean oneLayer) {
        long[] best = null;
        long most = 0;
        for (long[] way : kind.ways) {
            if (way[0] <= x && way[1] <= y && way[2] <= z) {
                long count = (x / way[0]) * (y / way[1]) * (oneLayer ? 1 : z / way[2]);
                if (count > most) {
                    most = count;
                    best = way;
                }
            }
        }
        return best;
    }

    private void lay(long x, long y, long z, long[] way, long columns, long rows, long layers) {
        if (load.isEmpty()) {
            left -= Math.min(left, columns * rows * layers);
            return;
        }
        for (long layer = 0; layer < layers; layer++) {
            for (long row = 0; row < rows; row++) {
                for (long column = 0; column < columns && left > 0; column++) {
                    load.get().layAt(index, x + column * way[0], y + row * way[1], z + layer * way[2], way);
                    left--;
                }
            }
        }
    }
}
