package nobrec.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * An exact length in nanometers, never negative. An inch is 25.4 mm exactly (International yard and pound agreement
 * 1959), so a ten-thousandth of an inch is still whole.
 */
public record Length(long nanometers) implements Comparable<Length> {

    public Length {
        if (nanometers < 0) {
            throw new IllegalArgumentException("A length cannot be negative: " + nanometers);
        }
    }

    /**
     * The length of {@code amount} units.
     *
     * @throws ArithmeticException when the amount is finer than a nanometer, or too great
     */
    public static Length of(BigDecimal amount, LengthUnit unit) {
        return new Length(amount.multiply(BigDecimal.valueOf(unit.nanometers())).longValueExact());
    }

    /** The same for an amount written in decimal notation with a point. */
    public static Length of(String amount, LengthUnit unit) {
        return of(new BigDecimal(amount), unit);
    }

    public Length plus(Length other) {
        return new Length(Math.addExact(nanometers, other.nanometers));
    }

    public Length times(long count) {
        return new Length(Math.multiplyExact(nanometers, count));
    }

    /** How many units this is, rounded half up to {@code decimals} places. */
    public BigDecimal in(LengthUnit unit, int decimals) {
        return BigDecimal.valueOf(nanometers)
                .divide(BigDecimal.valueOf(unit.nanometers()), decimals, RoundingMode.HALF_UP);
    }

    /** How many whole units cover this length: rounded up. */
    public long unitsUp(LengthUnit unit) {
        return -Math.floorDiv(-nanometers, unit.nanometers());
    }

    public boolean isAbove(Length other) {
        return compareTo(other) > 0;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(nanometers, other.nanometers);
    }
}
