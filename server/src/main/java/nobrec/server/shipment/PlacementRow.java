package nobrec.server.shipment;

import java.util.Optional;
import nobrec.core.carton.Placement;
import nobrec.core.carton.Placement.CartonOnPallet;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;

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
        String cartonCode,
        String inside) {

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
                placement.carton().map(CartonOnPallet::cartonCode).orElse(""),
                placement.carton().map(each -> shortened(each.inside())).orElse(""));
    }

    Placement placement() {
        return new Placement(
                workOrderLineId,
                x,
                y,
                z,
                new Size(length, width, height),
                cartonCode.isEmpty() ? Optional.empty() : Optional.of(new CartonOnPallet(cartonCode, inside)));
    }

    private static String shortened(String text) {
        return text.length() <= LONGEST ? text : text.substring(0, LONGEST - 1) + "…";
    }
}
