package nobrec.core.rating;

import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/**
 * The weight a package is billed by: the greater of its actual and its dimensional weight, each rounded up to the sheet's
 * step. Common practice.
 *
 * @param actual as weighed, rounded up
 * @param dimensional volume of the sides in whole units over the divisor, rounded up
 */
public record BillableWeight(Weight actual, Weight dimensional) {

    public static BillableWeight of(Weight weight, Size size, RateSheet sheet) {
        return new BillableWeight(weight.roundedUpTo(sheet.step()), dimensional(size, sheet));
    }

    public Weight billed() {
        return Weight.greater(actual, dimensional);
    }

    public boolean isDimensional() {
        return dimensional.isAbove(actual);
    }

    private static Weight dimensional(Size size, RateSheet sheet) {
        long volume = size.volumeOfWholeUnits(sheet.units().lengthUnit());
        Weight unit = Weight.of("1", sheet.units().weightUnit());
        long stepsPerUnit = unit.stepsUp(sheet.step());
        if (!sheet.step().times(stepsPerUnit).equals(unit)) {
            throw new IllegalArgumentException("The weight step of " + sheet.serviceCode() + " must divide its unit.");
        }
        long divisor = sheet.dimensionalDivisor();
        long steps = -Math.floorDiv(-Math.multiplyExact(volume, stepsPerUnit), divisor);
        return sheet.step().times(steps);
    }
}
