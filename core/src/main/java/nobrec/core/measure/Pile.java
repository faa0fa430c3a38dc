package nobrec.core.measure;

import java.util.Arrays;

/**
 * Boxes one on top of the other, each on its largest face, its longest side along the longest side of the others. In nanometers.
 *
 * @param longest the longest of their longest sides
 * @param middle the longest of the sides between
 * @param height the sum of their shortest sides
 */
public record Pile(long longest, long middle, long height) {

    public static final Pile NONE = new Pile(0, 0, 0);

    public Pile with(Size box) {
        long[] sides = sorted(box);
        return new Pile(Math.max(longest, sides[2]), Math.max(middle, sides[1]), Math.addExact(height, sides[0]));
    }

    /**
     * Whether it goes into a box, upright or along either of the other two sides. True means the boxes certainly fit; false only
     * that they do not fit like this.
     */
    public boolean liesIn(Size box) {
        long[] room = sorted(box);
        boolean lying = (height <= room[0] && middle <= room[1]) || (height <= room[1] && middle <= room[0]);
        return lying && longest <= room[2];
    }

    private static long[] sorted(Size box) {
        long[] sides = {
            box.length().nanometers(), box.width().nanometers(), box.height().nanometers()
        };
        Arrays.sort(sides);
        return sides;
    }
}
