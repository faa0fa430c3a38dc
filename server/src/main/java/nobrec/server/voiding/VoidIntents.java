package nobrec.server.voiding;

import java.util.Comparator;
import java.util.List;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxState;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.Shipments;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** First half of making void: in one transaction the shipment is looked at under its lock, and the intent is stored. */
@Component
class VoidIntents {

    private final Shipments shipments;
    private final ServiceCatalog catalog;
    private final ObjectProvider<VoidObstacle> obstacles;
    private final Outbox outbox;
    private final AuditLog auditLog;
    private final JsonMapper json;

    VoidIntents(
            Shipments shipments,
            ServiceCatalog catalog,
            ObjectProvider<VoidObstacle> obstacles,
            Outbox outbox,
            AuditLog auditLog,
            JsonMapper json) {
        this.obstacles = obstacles;
        this.shipments = shipments;
        this.catalog = catalog;
        this.outbox = outbox;
        this.auditLog = auditLog;
        this.json = json;
    }

    /** @throws Refusal when it has not gone, was handed over, or is being made void already */
    @Transactional
    public OutboxEntry begin(long shipmentId, String signIn) {
        Shipment shipment = shipments.lockedInOutline(shipmentId);
        String job = shipments.jobs(shipment).leading().number();
        requireGone(shipment, job);
        obstacles.stream()
                .flatMap(each -> each.obstacle(shipment, job).stream())
                .findFirst()
                .ifPresent(reason -> {
                    throw reason;
                });
        List<OutboxEntry> entries = outbox.of(Subject.Kind.SHIPMENT, shipmentId);
        if (entries.stream().anyMatch(each -> each.kind() == OutboxKind.VOID && isWaiting(each))) {
            throw Refusal.conflict(
                    "Job " + job,
                    "Its carrier is being asked to void it already.",
                    "Wait a moment: it goes on by itself.");
        }
        OutboxEntry booking = entries.stream()
                .filter(each -> each.kind() == OutboxKind.BOOKING && each.state() == OutboxState.DONE)
                .max(Comparator.comparing(OutboxEntry::id))
                .orElseThrow(() -> Refusal.conflict(
                        "Job " + job, "No booking of it is on record.", "Have the carrier void it by telephone."));
        OutboxEntry entry = outbox.addTaken(List.of(new NewEntry(
                        OutboxKind.VOID,
                        Subject.shipment(shipmentId, job),
                        booking.target(),
                        "Void of " + booking.summary(),
                        json.writeValueAsString(new VoidRequest(booking.entryKey(), signIn)))))
                .get(0);
        auditLog.write(
                signIn,
                "asked to void",
                "Job " + job,
                catalog.carrier(booking.target()).name());
        return entry;
    }

    private static void requireGone(Shipment shipment, String job) {
        if (shipment.state() == ShipmentState.OPEN) {
            throw Refusal.conflict(
                    "Job " + job, "It is open: it has no label that counts.", "Nothing is left to void.");
        }
        if (shipment.state() == ShipmentState.SHIPPING) {
            throw Refusal.conflict(
                    "Job " + job,
                    "The carrier has not answered yet whether it takes it.",
                    "Wait for that, then void it.");
        }
    }

    private static boolean isWaiting(OutboxEntry entry) {
        return entry.state() == OutboxState.WAITING;
    }
}
