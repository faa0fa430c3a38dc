package nobrec.core.packing;

import nobrec.core.carton.CartonType;
import nobrec.core.carton.PackageCost;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/** Where no service is known that would carry the shipment, only what the cartons cost us is compared. */
final class CartonCost implements PackageCost {

    @Override
    public String serviceName() {
        return "";
    }

    @Override
    public boolean takesCartons() {
        return true;
    }

    @Override
    public long minimumCents() {
        return 1;
    }

    @Override
    public Weight maximumGross() {
        return new Weight(Long.MAX_VALUE);
    }

    @Override
    public long cents(CartonType carton, Size outer, Weight gross) {
        return Math.max(1, carton.cost().getAmountMinorLong());
    }
}
