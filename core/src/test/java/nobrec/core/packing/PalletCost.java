package nobrec.core.packing;

import nobrec.core.carton.CartonType;
import nobrec.core.carton.PackageCost;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/**
 * A freight service for the tests: the larger a pallet or crate, the dearer.
 *
 * @param highest it takes nothing higher, in inches
 */
record PalletCost(long highest) implements PackageCost {

    private static final long MINIMUM = 5_000;
    private static final long ANY = 1_000;

    PalletCost() {
        this(ANY);
    }

    @Override
    public String serviceName() {
        return "Freight";
    }

    @Override
    public boolean takesCartons() {
        return false;
    }

    @Override
    public long minimumCents() {
        return MINIMUM;
    }

    @Override
    public Weight maximumGross() {
        return DemoStock.weight("2400");
    }

    @Override
    public long cents(CartonType carton, Size outer, Weight gross) {
        return outer.height().unitsUp(LengthUnit.INCH) > highest
                ? NOT_TAKEN
                : MINIMUM
                        + outer.volumeOfWholeUnits(LengthUnit.INCH) / 50
                        + carton.cost().getAmountMinorLong();
    }
}
