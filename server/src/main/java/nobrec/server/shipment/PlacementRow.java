package nobrec.server.shipment;

import nobrec.core.measure.Length;
import nobrec.core.measure.Size;
import nobrec.core.packing.Placement;

/** A row of table package_placement. */
record PlacementRow(
        long packageId,
        int position,
        long workOrderLineId,
        Length x,
        Length y,
        Length z,
        Length length,
        Length width,
        Length height,
        String carton) {

    private static final int LONGEST = 200;

    static PlacementRow of(long packageId, int position, Placement placement) {
        return new PlacementRow(
                packageId,
                position,
                placement.itemKey(),
                placement.x(),
                placement.y(),
                placement.z(),
                placement.lying().length(),
                placement.lying().width(),
                placement.lying().height(),
                shortened(placement.carton()));
    }

    Placement placement() {
        return new Placement(workOrderLineId, x, y, z, new Size(length, width, height), carton);
    }

    private static String shortened(String text) {
        return text.length() <= LONGEST ? text : text.substring(0, LONGEST - 1) + "…";
    }
}
