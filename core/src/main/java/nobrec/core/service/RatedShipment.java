package nobrec.core.service;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nobrec.core.calendar.Pickup;
import nobrec.core.item.GoodsClass;
import nobrec.core.service.ShipmentToRate.PackageToRate;
import org.jspecify.annotations.Nullable;

/** A shipment while it is rated: what more than one service looks at is worked out once. Used by one thread. */
public final class RatedShipment {

    private final ShipmentToRate shipment;
    private final RatedPackage[] packages;
    private final GoodsClass[] goods;
    private final Accessorial[] accessorials;
    private final long[] figures;
    private final List<BillableWeight.Rules> rules = new ArrayList<>(2);
    private @Nullable Pickup pickup;
    private @Nullable LocalDate departure;

    /** @param each its packages, in place of those named in the shipment */
    public RatedShipment(ShipmentToRate shipment, List<PackageToRate> each) {
        this.shipment = shipment;
        this.goods = shipment.goods().toArray(GoodsClass[]::new);
        this.accessorials = shipment.accessorials().toArray(Accessorial[]::new);
        this.packages = new RatedPackage[each.size()];
        for (int index = 0; index < packages.length; index++) {
            packages[index] = new RatedPackage(each.get(index));
        }
        this.figures = Figures.of(shipment, packages);
    }

    public ShipmentToRate shipment() {
        return shipment;
    }

    public RatedPackage[] packages() {
        return packages;
    }

    GoodsClass[] goods() {
        return goods;
    }

    Accessorial[] accessorials() {
        return accessorials;
    }

    /** Whether a figure of it, or of one of its packages, is above a limit. */
    public boolean isAbove(int figure, long limit) {
        return figures[figure] > limit;
    }

    /** The day on which it leaves with this pickup. */
    public LocalDate departureWith(Pickup other) {
        LocalDate known = departure;
        if (known == null || pickup != other) {
            pickup = other;
            known = shipment.departureWith(other);
            departure = known;
        }
        return known;
    }

    /** The number under which packages remember what they are billed by under these rules. */
    public int numberOf(BillableWeight.Rules requested) {
        for (int number = 0; number < rules.size(); number++) {
            if (rules.get(number).equals(requested)) {
                return number;
            }
        }
        rules.add(requested);
        return rules.size() - 1;
    }
}
