package nobrec.core.measure;

/** Length, width and height of a box, in the order given. */
public record Size(Length length, Length width, Length height) {

    public static Size of(String length, String width, String height, LengthUnit unit) {
        return new Size(Length.of(length, unit), Length.of(width, unit), Length.of(height, unit));
    }

    public Length longest() {
        return greater(greater(length, width), height);
    }

    public Length secondLongest() {
        return greater(lesser(length, width), greater(lesser(width, height), lesser(length, height)));
    }

    /** Longest side plus twice the other two: the usual measure of how awkward a parcel is. Common practice. */
    public Length lengthPlusGirth() {
        long sum = length.nanometers() + width.nanometers() + height.nanometers();
        return new Length(2 * sum - longest().nanometers());
    }

    private static Length lesser(Length one, Length other) {
        return one.isAbove(other) ? other : one;
    }

    private static Length greater(Length one, Length other) {
        return one.isAbove(other) ? one : other;
    }

    /** The same with each side rounded up to a whole unit. */
    public Size inWholeUnits(LengthUnit unit) {
        Length one = new Length(unit.nanometers());
        return new Size(
                one.times(length.unitsUp(unit)), one.times(width.unitsUp(unit)), one.times(height.unitsUp(unit)));
    }

    /** Volume when each side is first rounded up to a whole unit, in cubic units. */
    public long volumeOfWholeUnits(LengthUnit unit) {
        return Math.multiplyExact(Math.multiplyExact(length.unitsUp(unit), width.unitsUp(unit)), height.unitsUp(unit));
    }
}
