package nobrec.server.shipment;

import java.time.Instant;
import nobrec.core.shipment.Shipment;
import org.jspecify.annotations.Nullable;

/** A row of table voided_shipment that is to be; the database gives it its id. */
final class NewVoided {

    private final long shipmentId;
    private final @Nullable Integer packageNumber;
    private final @Nullable Long benchShipmentId;
    private final Shipment.Outcome outcome;
    private final String shippedBy;
    private final String voidedBy;
    private final Instant voidedAt;
    private long id;

    private NewVoided(
            Shipment shipment,
            @Nullable Integer packageNumber,
            @Nullable Long benchShipmentId,
            String voidedBy,
            Instant voidedAt) {
        this.shipmentId = shipment.id();
        this.packageNumber = packageNumber;
        this.benchShipmentId = benchShipmentId;
        this.outcome = shipment.outcome().orElseThrow();
        this.shippedBy = shipment.startedBy().orElse("");
        this.voidedBy = voidedBy;
        this.voidedAt = voidedAt;
    }

    static NewVoided all(Shipment shipment, String voidedBy, Instant voidedAt) {
        return new NewVoided(shipment, null, null, voidedBy, voidedAt);
    }

    /** @param bench the shipment in which the package stands since */
    static NewVoided one(Shipment shipment, int packageNumber, long bench, String voidedBy, Instant voidedAt) {
        return new NewVoided(shipment, packageNumber, bench, voidedBy, voidedAt);
    }

    public long getShipmentId() {
        return shipmentId;
    }

    public @Nullable Integer getPackageNumber() {
        return packageNumber;
    }

    public @Nullable Long getBenchShipmentId() {
        return benchShipmentId;
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
