package nobrec.core.measure;

import java.util.Arrays;

/** Length, width and height of a box, in the order given. */
public record Size(Length length, Length width, Length height) {

    public static Size of(String length, String width, String height, LengthUnit unit) {
        return new Size(Length.of(length, unit), Length.of(width, unit), Length.of(height, unit));
    }

    public Length longest() {
        return sorted()[2];
    }

    /** Longest side plus twice the other two: the usual measure of how awkward a parcel is. Common practice. */
    public Length lengthPlusGirth() {
        Length[] sides = sorted();
        return sides[2].plus(sides[0].times(2)).plus(sides[1].times(2));
    }

    /** Whether a box of the other size goes into this one when it may be turned about its axes. */
    public boolean holds(Size other) {
        Length[] mine = sorted();
        Length[] theirs = other.sorted();
        for (int side = 0; side < mine.length; side++) {
            if (theirs[side].isAbove(mine[side])) {
                return false;
            }
        }
        return true;
    }

    /** Volume when each side is first rounded up to a whole unit, in cubic units. */
    public long volumeOfWholeUnits(LengthUnit unit) {
        return Math.multiplyExact(Math.multiplyExact(length.unitsUp(unit), width.unitsUp(unit)), height.unitsUp(unit));
    }

    private Length[] sorted() {
        Length[] sides = {length, width, height};
        Arrays.sort(sides);
        return sides;
    }
}
