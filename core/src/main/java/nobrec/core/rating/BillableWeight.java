package nobrec.core.rating;

import nobrec.core.measure.Length;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/**
 * The weight a package is billed by: the greater of its actual and its dimensional weight, each rounded up to the sheet's
 * step, and for a large piece never below the sheet's least. Common practice.
 *
 * @param actual as weighed, rounded up
 * @param dimensional volume of the rounded sides over the divisor, rounded up; zero where size does not count
 * @param least for a large piece; zero for others
 */
public record BillableWeight(Weight actual, Weight dimensional, Weight least) {

    public static BillableWeight of(Weight weight, Size size, RateSheet sheet) {
        Weight least = Weight.ZERO;
        for (RateSheet.LeastBillable each : sheet.leastBillable()) {
            if (each.covers(size)) {
                least = Weight.greater(least, each.weight());
            }
        }
        return new BillableWeight(weight.roundedUpTo(sheet.weightStep()), dimensional(size, sheet), least);
    }

    public Weight billed() {
        return Weight.greater(least, Weight.greater(actual, dimensional));
    }

    public boolean isDimensional() {
        return dimensional.isAbove(actual);
    }

    public boolean isLeast() {
        return least.isAbove(actual) && least.isAbove(dimensional);
    }

    private static Weight dimensional(Size size, RateSheet sheet) {
        RateSheet.SizeRule rule = sheet.sizes();
        if (rule.divisor() == 0) {
            return Weight.ZERO;
        }
        long parts = partsOf(sheet.units().oneLength(), rule.step());
        long cube = Math.multiplyExact(
                Math.multiplyExact(steps(size.length(), rule), steps(size.width(), rule)), steps(size.height(), rule));
        long partsCubed = parts * parts * parts;
        if (cube <= Math.multiplyExact(rule.fromVolume(), partsCubed)) {
            return Weight.ZERO;
        }
        long stepsPerUnit = sheet.units().oneWeight().stepsUp(sheet.weightStep());
        long divisor = Math.multiplyExact(rule.divisor(), partsCubed);
        return sheet.weightStep().times(-Math.floorDiv(-Math.multiplyExact(cube, stepsPerUnit), divisor));
    }

    private static long partsOf(Length unit, Length step) {
        return unit.nanometres() / step.nanometres();
    }

    private static long steps(Length side, RateSheet.SizeRule rule) {
        long step = rule.step().nanometres();
        return rule.nearest()
                ? Math.max(1, (side.nanometres() + step / 2) / step)
                : -Math.floorDiv(-side.nanometres(), step);
    }

    /** A side as the sheet counts it. */
    static Length rounded(Length side, RateSheet.SizeRule rule) {
        return rule.step().times(steps(side, rule));
    }
}
