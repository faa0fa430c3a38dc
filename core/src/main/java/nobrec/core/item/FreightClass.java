package nobrec.core.item;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;

/**
 * A freight class, 50 to 500.
 *
 * @param tenths class 92.5 is 925
 */
public record FreightClass(int tenths) implements Comparable<FreightClass> {

    private static final int TENTHS = 10;
    private static final BigInteger CUBIC_INCHES_IN_A_FOOT = BigInteger.valueOf(1728);
    private static final FreightClass DENSEST = new FreightClass(500);

    /** Below so many tenths of a pound per cubic foot the class is this one. Source: NMFTA density guideline of 2025, from memory. */
    private record Bound(int belowTenths, int classTenths) {}

    private static final List<Bound> BOUNDS = List.of(
            new Bound(10, 4000),
            new Bound(20, 3000),
            new Bound(40, 2500),
            new Bound(60, 1750),
            new Bound(80, 1250),
            new Bound(100, 1000),
            new Bound(120, 925),
            new Bound(150, 850),
            new Bound(225, 700),
            new Bound(300, 650),
            new Bound(350, 600),
            new Bound(500, 550));

    /** The class of a piece by its density: its weight over its volume, sides in whole inches rounded up. */
    public static FreightClass ofDensity(Weight weight, Size size) {
        BigInteger pounds = BigInteger.valueOf(weight.eighthNanograms());
        BigInteger pound = BigInteger.valueOf(Weight.of("1", WeightUnit.POUND).eighthNanograms());
        BigInteger inches = BigInteger.valueOf(size.volumeOfWholeUnits(LengthUnit.INCH));
        // weight / volume < bound, without a division
        BigInteger left = pounds.multiply(CUBIC_INCHES_IN_A_FOOT).multiply(BigInteger.valueOf(TENTHS));
        for (Bound bound : BOUNDS) {
            BigInteger right =
                    BigInteger.valueOf(bound.belowTenths()).multiply(pound).multiply(inches);
            if (left.compareTo(right) < 0) {
                return new FreightClass(bound.classTenths());
            }
        }
        return DENSEST;
    }

    /** The class written like {@code 70} or {@code 92.5}; empty when there is no such class. */
    public static Optional<FreightClass> read(String text) {
        return BOUNDS.stream()
                .map(bound -> new FreightClass(bound.classTenths()))
                .filter(each -> each.toString().equals(text.strip()))
                .findFirst()
                .or(() -> text.strip().equals(DENSEST.toString()) ? Optional.of(DENSEST) : Optional.empty());
    }

    @Override
    public int compareTo(FreightClass other) {
        return Integer.compare(tenths, other.tenths);
    }

    @Override
    public String toString() {
        return BigDecimal.valueOf(tenths, 1).stripTrailingZeros().toPlainString();
    }
}
