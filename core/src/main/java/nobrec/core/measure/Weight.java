package nobrec.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * An exact weight, never negative.
 *
 * <p>Held in eighths of a nanogram: the coarsest unit in which a milligram, a ten-thousandth of a pound and a
 * thousandth of an ounce are all whole numbers, so that nothing is rounded on the way in. The maximum weight is about
 * 1,150 tonnes; what would exceed it throws {@link ArithmeticException}.
 *
 * <p>Source of the pound: International yard and pound agreement 1959, 0.45359237 kg exactly.
 */
public record Weight(long eighthNanograms) implements Comparable<Weight> {

    public static final Weight ZERO = new Weight(0);

    public Weight {
        if (eighthNanograms < 0) {
            throw new IllegalArgumentException("A weight cannot be negative: " + eighthNanograms);
        }
    }

    /**
     * The weight of {@code amount} units.
     *
     * @throws ArithmeticException when the amount is finer than the unit held, or too great
     */
    public static Weight of(BigDecimal amount, WeightUnit unit) {
        return new Weight(
                amount.multiply(BigDecimal.valueOf(unit.eighthNanograms())).longValueExact());
    }

    /** The same for an amount written in decimal notation with a point. */
    public static Weight of(String amount, WeightUnit unit) {
        return of(new BigDecimal(amount), unit);
    }

    public Weight plus(Weight other) {
        return new Weight(Math.addExact(eighthNanograms, other.eighthNanograms));
    }

    /** This weight taken {@code count} times. */
    public Weight times(long count) {
        return new Weight(Math.multiplyExact(eighthNanograms, count));
    }

    /** How many units this is, rounded half up to {@code decimals} places. */
    public BigDecimal in(WeightUnit unit, int decimals) {
        return BigDecimal.valueOf(eighthNanograms)
                .divide(BigDecimal.valueOf(unit.eighthNanograms()), decimals, RoundingMode.HALF_UP);
    }

    /** How many whole steps cover this weight: rounded up. */
    public long stepsUp(Weight step) {
        return -Math.floorDiv(-eighthNanograms, step.eighthNanograms);
    }

    /** This weight rounded up to a whole number of steps. */
    public Weight roundedUpTo(Weight step) {
        return step.times(stepsUp(step));
    }

    public boolean isZero() {
        return eighthNanograms == 0;
    }

    public boolean isAbove(Weight other) {
        return compareTo(other) > 0;
    }

    public static Weight greater(Weight one, Weight other) {
        return one.isAbove(other) ? one : other;
    }

    @Override
    public int compareTo(Weight other) {
        return Long.compare(eighthNanograms, other.eighthNanograms);
    }
}
