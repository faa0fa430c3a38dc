package nobrec.core.service;

import java.util.Arrays;
import nobrec.core.measure.Length;
import nobrec.core.measure.Weight;
import nobrec.core.service.ShipmentToRate.PackageToRate;

/** A package while its shipment is rated: its figures, and the weights it is billed by, worked out once. Used by one thread. */
public final class RatedPackage {

    private static final int FEW_RULES = 4;

    private final PackageToRate each;
    private final long[] figures;
    private BillableWeight[] billable = new BillableWeight[FEW_RULES];

    RatedPackage(PackageToRate each) {
        this.each = each;
        this.figures = Figures.of(each);
    }

    public PackageToRate each() {
        return each;
    }

    public int number() {
        return each.number();
    }

    long figure(int figure) {
        return figures[figure];
    }

    public boolean isAbove(int figure, long limit) {
        return figures[figure] > limit;
    }

    Weight weight() {
        return new Weight(figures[Figures.WEIGHT]);
    }

    Length length(int figure) {
        return new Length(figures[figure]);
    }

    /** @param number under which the weight by these rules is remembered */
    public BillableWeight billable(int number, BillableWeight.Rules rules) {
        if (number >= billable.length) {
            billable = Arrays.copyOf(billable, 2 * number);
        }
        if (billable[number] == null) {
            billable[number] = BillableWeight.of(this, rules);
        }
        return billable[number];
    }
}
