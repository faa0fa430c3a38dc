package nobrec.core.service;

import nobrec.core.address.PlaceKind;
import nobrec.core.item.GoodsClass;
import nobrec.core.measure.Weight;
import nobrec.core.service.ShipmentToRate.PackageToRate;

/**
 * What surcharges and limits look at, each at a place of its own in one row of figures: eighths of a nanogram, nanometers,
 * cents, or 1 for yes and 0 for no. First those of a package, then those of the whole shipment.
 */
public final class Figures {

    public static final int WEIGHT = 0;
    static final int LONGEST = 1;
    static final int SECOND = 2;
    static final int GIRTH = 3;
    public static final int NOT_A_BOX = 4;
    public static final int DECLARED = 5;

    /** How many there are of a package. */
    public static final int OF_PACKAGE = 6;

    public static final int ALWAYS = OF_PACKAGE;
    public static final int RESIDENCE = ALWAYS + 1;
    public static final int ABROAD = RESIDENCE + 1;
    private static final int REQUESTED = ABROAD + 1;
    private static final int GOODS = REQUESTED + Accessorial.values().length;
    private static final int ALL = GOODS + GoodsClass.values().length;

    private Figures() {}

    public static int requested(Accessorial accessorial) {
        return REQUESTED + accessorial.ordinal();
    }

    public static int goods(GoodsClass goods) {
        return GOODS + goods.ordinal();
    }

    /** Those of a package; a weight not known is zero. */
    static long[] of(PackageToRate each) {
        long[] figures = new long[OF_PACKAGE];
        figures[WEIGHT] = each.weight().orElse(Weight.ZERO).eighthNanograms();
        figures[LONGEST] = each.size().longest().nanometers();
        figures[SECOND] = each.size().secondLongest().nanometers();
        figures[GIRTH] = each.size().lengthPlusGirth().nanometers();
        figures[NOT_A_BOX] = each.kind().isOrdinary() ? 0 : 1;
        figures[DECLARED] = each.declaredCents();
        return figures;
    }

    /** Those of the shipment, and of each figure of its packages the largest. */
    static long[] of(ShipmentToRate shipment, RatedPackage[] packages) {
        long[] figures = new long[ALL];
        for (RatedPackage each : packages) {
            for (int figure = 0; figure < OF_PACKAGE; figure++) {
                figures[figure] = Math.max(figures[figure], each.figure(figure));
            }
        }
        figures[ALWAYS] = 1;
        figures[RESIDENCE] = shipment.destination().placeKind() == PlaceKind.RESIDENCE ? 1 : 0;
        figures[ABROAD] = shipment.destination().isAbroad() ? 1 : 0;
        for (Accessorial accessorial : shipment.accessorials()) {
            figures[requested(accessorial)] = 1;
        }
        for (GoodsClass goods : shipment.goods()) {
            figures[goods(goods)] = 1;
        }
        return figures;
    }
}
