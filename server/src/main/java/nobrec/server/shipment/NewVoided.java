package nobrec.server.shipment;

import java.time.Instant;
import nobrec.core.shipment.Shipment;

/** A row of table voided_shipment that is to be; the database gives it its id. */
final class NewVoided {

    private final long shipmentId;
    private final Shipment.Outcome outcome;
    private final String shippedBy;
    private final String voidedBy;
    private final Instant voidedAt;
    private long id;

    NewVoided(long shipmentId, Shipment.Outcome outcome, String shippedBy, String voidedBy, Instant voidedAt) {
        this.shipmentId = shipmentId;
        this.outcome = outcome;
        this.shippedBy = shippedBy;
        this.voidedBy = voidedBy;
        this.voidedAt = voidedAt;
    }

    public long getShipmentId() {
        return shipmentId;
    }

    public Shipment.Outcome getOutcome() {
        return outcome;
    }

    public String getShippedBy() {
        return shippedBy;
    }

    public String getVoidedBy() {
        return voidedBy;
    }

    public Instant getVoidedAt() {
        return voidedAt;
    }

    public long getId() {
        return id;
    }

    public void setId(long id) {
        this.id = id;
    }
}
