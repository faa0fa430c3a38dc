package nobrec.server.shipment;

import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import org.jspecify.annotations.Nullable;

/** A package on its way into the table; the database gives it its id. */
final class NewPackage {

    private final long shipmentId;
    private final int number;
    private final String cartonCode;
    private final String cartonReason;
    private final Size size;
    private final @Nullable Weight expectedWeight;
    private final boolean placedByHand;
    private long id;

    NewPackage(
            long shipmentId,
            int number,
            String cartonCode,
            String cartonReason,
            Size size,
            @Nullable Weight expectedWeight,
            boolean placedByHand) {
        this.shipmentId = shipmentId;
        this.number = number;
        this.cartonCode = cartonCode;
        this.cartonReason = cartonReason;
        this.size = size;
        this.expectedWeight = expectedWeight;
        this.placedByHand = placedByHand;
    }

    public long getId() {
        return id;
    }

    public long getShipmentId() {
        return shipmentId;
    }

    public int getNumber() {
        return number;
    }

    public String getCartonCode() {
        return cartonCode;
    }

    public String getCartonReason() {
        return cartonReason;
    }

    public Size getSize() {
        return size;
    }

    public @Nullable Weight getExpectedWeight() {
        return expectedWeight;
    }

    public boolean isPlacedByHand() {
        return placedByHand;
    }
}
