package nobrec.core.packing.search;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import nobrec.core.carton.Placement;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;

/** What lies in one box so far, and the room that is left. Grows by {@link #lay}; {@link #copy} to try something out. */
public final class Load {

    private static final int SIDES = 6;
    private static final int PIECES_AT_FIRST = 16;

    /** At least half of a piece's base rests on the floor or on other pieces. Common practice, no source. */
    private static final int SUPPORTED_HALF = 2;

    public final long[] room;
    private final PieceKind[] kinds;
    private final long capacity;
    private final FreeRoom free;
    private int[] kindAt;
    private long[] boxes;
    private int pieces;
    private long volume;
    private long weight;

    Load(PieceKind[] kinds, long[] room) {
        this.kinds = kinds;
        this.room = room;
        this.capacity = PieceKind.volume(room[0], room[1], room[2]);
        this.free = new FreeRoom(room);
        this.kindAt = new int[PIECES_AT_FIRST];
        this.boxes = new long[PIECES_AT_FIRST * SIDES];
    }

    private Load(Load other) {
        this.kinds = other.kinds;
        this.room = other.room;
        this.capacity = other.capacity;
        this.free = other.free.copy();
        this.kindAt = other.kindAt.clone();
        this.boxes = other.boxes.clone();
        this.pieces = other.pieces;
        this.volume = other.volume;
        this.weight = other.weight;
    }

    Load copy() {
        return new Load(this);
    }

    FreeRoom free() {
        return free;
    }

    int pieces() {
        return pieces;
    }

    public long volume() {
        return volume;
    }

    long weight() {
        return weight;
    }

    /** How many of each kind lie here. */
    public int[] counts() {
        int[] counts = new int[kinds.length];
        addTo(counts);
        return counts;
    }

    /** Adds how many of each kind lie here. */
    void addTo(int[] counts) {
        for (int each = 0; each < pieces; each++) {
            counts[kindAt[each]]++;
        }
    }

    /** Volume that nothing takes up. */
    long roomLeft() {
        return capacity - volume;
    }

    long height() {
        long top = 0;
        for (int each = 0; each < pieces; each++) {
            top = Math.max(top, boxes[each * SIDES + 5]);
        }
        return top;
    }

    /** Whether a piece lying this way may be laid into the corner of a free cuboid. */
    boolean takes(int cuboid, PieceKind kind, long[] way) {
        long x = free.bound(cuboid, 0);
        long y = free.bound(cuboid, 1);
        long z = free.bound(cuboid, 2);
        return x + way[0] <= free.bound(cuboid, 3)
                && y + way[1] <= free.bound(cuboid, 4)
                && z + way[2] <= free.bound(cuboid, 5)
                && (!kind.nothingOnTop || free.bound(cuboid, 5) == room[2])
                && isSupported(x, y, z, way);
    }

    /** Lays a piece into the corner of a free cuboid that {@link #takes} it. */
    void lay(int kindIndex, int cuboid, long[] way, SmallestPiece minimum) {
        long x = free.bound(cuboid, 0);
        long y = free.bound(cuboid, 1);
        long z = free.bound(cuboid, 2);
        layAt(kindIndex, x, y, z, way);
        long top = kinds[kindIndex].nothingOnTop ? room[2] : z + way[2];
        free.take(x, y, z, x + way[0], y + way[1], top, minimum);
    }

    /** Lays a piece at a place known to be free; the free room is not kept up to date. */
    void layAt(int kindIndex, long x, long y, long z, long[] way) {
        if (pieces == kindAt.length) {
            kindAt = Arrays.copyOf(kindAt, pieces * 2);
            boxes = Arrays.copyOf(boxes, pieces * 2 * SIDES);
        }
        int at = pieces * SIDES;
        kindAt[pieces] = kindIndex;
        boxes[at] = x;
        boxes[at + 1] = y;
        boxes[at + 2] = z;
        boxes[at + 3] = x + way[0];
        boxes[at + 4] = y + way[1];
        boxes[at + 5] = z + way[2];
        pieces++;
        volume += kinds[kindIndex].volume;
        weight += kinds[kindIndex].weight;
    }

    private boolean isSupported(long x, long y, long z, long[] way) {
        if (z == 0) {
            return true;
        }
        long carried = 0;
        long unit = PieceKind.VOLUME_UNIT;
        for (int each = 0; each < pieces; each++) {
            int at = each * SIDES;
            if (boxes[at + 5] == z) {
                long across = Math.min(x + way[0], boxes[at + 3]) - Math.max(x, boxes[at]);
                long along = Math.min(y + way[1], boxes[at + 4]) - Math.max(y, boxes[at + 1]);
                if (across > 0 && along > 0) {
                    carried += (across / unit) * (along / unit);
                }
            }
        }
        return carried * SUPPORTED_HALF >= (way[0] / unit) * (way[1] / unit);
    }

    public List<Placement> placements() {
        List<Placement> placements = new ArrayList<>(pieces);
        for (int each = 0; each < pieces; each++) {
            int at = each * SIDES;
            placements.add(new Placement(
                    kinds[kindAt[each]].item.key(),
                    new Length(boxes[at]),
                    new Length(boxes[at + 1]),
                    new Length(boxes[at + 2]),
                    new Size(
                            new Length(boxes[at + 3] - boxes[at]),
                            new Length(boxes[at + 4] - boxes[at + 1]),
                            new Length(boxes[at + 5] - boxes[at + 2]))));
        }
        return placements;
    }
}
