package nobrec.core.packing;

import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/** A freight service for the tests: the larger a pallet or crate, the dearer. */
final class PalletCost implements PackageCost {

    private static final long LEAST = 5_000;

    @Override
    public String serviceName() {
        return "Freight";
    }

    @Override
    public boolean takesCartons() {
        return false;
    }

    @Override
    public long leastCents() {
        return LEAST;
    }

    @Override
    public Weight greatestGross() {
        return DemoStock.weight("2400");
    }

    @Override
    public long cents(CartonType carton, Size outer, Weight gross) {
        return LEAST
                + outer.volumeOfWholeUnits(LengthUnit.INCH) / 50
                + carton.cost().getAmountMinorLong();
    }
}
