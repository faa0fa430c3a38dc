package nobrec.server.shipment;

import java.time.Instant;
import nobrec.core.shipment.ShipmentState;

/** A shipment on its way into the table; the database gives it its id. */
final class NewShipment {

    private final long siteId;
    private final long workOrderId;
    private final Instant openedAt;
    private long id;

    NewShipment(long siteId, long workOrderId, Instant openedAt) {
        this.siteId = siteId;
        this.workOrderId = workOrderId;
        this.openedAt = openedAt;
    }

    public long getId() {
        return id;
    }

    public long getSiteId() {
        return siteId;
    }

    public long getWorkOrderId() {
        return workOrderId;
    }

    public ShipmentState getState() {
        return ShipmentState.OPEN;
    }

    public Instant getOpenedAt() {
        return openedAt;
    }
}
