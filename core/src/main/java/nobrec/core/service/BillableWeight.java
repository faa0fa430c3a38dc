package nobrec.core.service;

import java.util.List;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;

/**
 * The weight a package is billed by: the greater of its actual and its dimensional weight, each rounded up to the sheet's
 * step, and for a large piece never below the sheet's least. Common practice.
 *
 * @param actual as weighed, rounded up
 * @param dimensional volume of the rounded sides over the divisor, rounded up; zero where size does not count
 * @param minimum for a large piece; zero for others
 */
public record BillableWeight(Weight actual, Weight dimensional, Weight minimum) {

    /**
     * How a sheet weighs a package, but for large pieces. Many sheets share the same rules.
     *
     * @param units the sheet is written in
     * @param weightStep weights are rounded up to a whole number of these
     * @param sizes how sides are rounded, and when size counts as weight
     */
    public record Rules(UnitSystem units, Weight weightStep, SizeRule sizes) {}

    /**
     * @param step sides are rounded to a whole number of these; a unit of length or a whole part of one
     * @param nearest half up to the nearest step instead of up
     * @param divisor cubic units of length to a unit of weight; zero when size never counts
     * @param fromVolume cubic units of length up to and with which size does not count
     */
    public record SizeRule(Length step, boolean nearest, int divisor, long fromVolume) {}

    /** A piece with a side (or length plus girth) above the limit is billed as this weight at least. */
    public record MinimumBillable(PackageSide side, Length above, Weight weight) {}

    /** By these rules alone. */
    static BillableWeight of(RatedPackage each, Rules rules) {
        return new BillableWeight(
                each.weight().roundedUpTo(rules.weightStep()),
                dimensional(each.each().size(), rules),
                Weight.ZERO);
    }

    /** The same unless it is a large piece. */
    public BillableWeight orMinimum(RatedPackage each, List<MinimumBillable> large) {
        Weight most = minimum;
        for (int index = 0; index < large.size(); index++) {
            MinimumBillable piece = large.get(index);
            if (each.isAbove(piece.side().figure(), piece.above().nanometers())) {
                most = Weight.greater(most, piece.weight());
            }
        }
        return most.isZero() ? this : new BillableWeight(actual, dimensional, most);
    }

    public Weight billed() {
        return Weight.greater(minimum, Weight.greater(actual, dimensional));
    }

    public boolean isDimensional() {
        return dimensional.isAbove(actual);
    }

    public boolean isMinimum() {
        return minimum.isAbove(actual) && minimum.isAbove(dimensional);
    }

    private static Weight dimensional(Size size, Rules rules) {
        SizeRule rule = rules.sizes();
        if (rule.divisor() == 0) {
            return Weight.ZERO;
        }
        long parts = partsOf(rules.units().oneLength(), rule.step());
        long cube = Math.multiplyExact(
                Math.multiplyExact(steps(size.length(), rule), steps(size.width(), rule)), steps(size.height(), rule));
        long partsCubed = parts * parts * parts;
        if (cube <= Math.multiplyExact(rule.fromVolume(), partsCubed)) {
            return Weight.ZERO;
        }
        long stepsPerUnit = rules.units().oneWeight().stepsUp(rules.weightStep());
        long divisor = Math.multiplyExact(rule.divisor(), partsCubed);
        return rules.weightStep().times(-Math.floorDiv(-Math.multiplyExact(cube, stepsPerUnit), divisor));
    }

    private static long partsOf(Length unit, Length step) {
        return unit.nanometers() / step.nanometers();
    }

    private static long steps(Length side, SizeRule rule) {
        long step = rule.step().nanometers();
        return rule.nearest()
                ? Math.max(1, (side.nanometers() + step / 2) / step)
                : -Math.floorDiv(-side.nanometers(), step);
    }

    /** A side as the sheet counts it. */
    public static Length rounded(Length side, SizeRule rule) {
        return rule.step().times(steps(side, rule));
    }
}
