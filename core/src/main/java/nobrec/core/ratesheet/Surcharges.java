package nobrec.core.ratesheet;

import java.util.List;
import nobrec.core.service.Accessorial;
import nobrec.core.service.Figures;
import nobrec.core.service.RatedPackage;
import nobrec.core.service.RatedShipment;

/** The surcharges of a sheet in its order, quick to look up for a shipment and its packages. */
public final class Surcharges {

    private final List<Surcharge> all;
    private final int[] figures;
    private final long[] limits;
    private final boolean[] forSaturday;

    public Surcharges(List<Surcharge> all) {
        this.all = List.copyOf(all);
        this.figures = all.stream().mapToInt(each -> each.condition().figure()).toArray();
        this.limits =
                all.stream().mapToLong(each -> each.condition().limitFigure()).toArray();
        this.forSaturday = new boolean[all.size()];
        SurchargeCondition saturday = new SurchargeCondition.Requested(Accessorial.SATURDAY_DELIVERY);
        for (int which = 0; which < forSaturday.length; which++) {
            forSaturday[which] = all.get(which).condition().equals(saturday);
        }
    }

    public List<Surcharge> all() {
        return all;
    }

    public int size() {
        return figures.length;
    }

    public Surcharge get(int which) {
        return all.get(which);
    }

    /** Whether it is asked for because delivery on a Saturday is requested. */
    public boolean isForSaturday(int which) {
        return forSaturday[which];
    }

    /** Whether it holds for the shipment, or for one of its packages. */
    public boolean holds(int which, RatedShipment rated) {
        return rated.isAbove(figures[which], limits[which])
                && all.get(which).condition().alsoHolds(rated.shipment().destination());
    }

    /** Whether one that holds for the shipment or one of its packages holds for this package. */
    public boolean holds(int which, RatedPackage each) {
        return figures[which] >= Figures.OF_PACKAGE || each.isAbove(figures[which], limits[which]);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Surcharges surcharges && surcharges.all.equals(all);
    }

    @Override
    public int hashCode() {
        return all.hashCode();
    }
}
