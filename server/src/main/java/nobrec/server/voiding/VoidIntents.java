package nobrec.server.voiding;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
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
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** First half of making void: in one transaction the shipment is looked at under its lock, and the intent is stored. */
@Component
class VoidIntents {

    /** What follows on shipping and was not done yet. */
    static final Set<OutboxKind> FOLLOWING = Set.of(OutboxKind.PAPERS, OutboxKind.WRITE_BACKS);

    private final Shipments shipments;
    private final PackageVoids packageVoids;
    private final ServiceCatalog catalog;
    private final ObjectProvider<VoidObstacle> obstacles;
    private final Outbox outbox;
    private final AuditLog auditLog;
    private final JsonMapper json;

    VoidIntents(
            Shipments shipments,
            PackageVoids packageVoids,
            ServiceCatalog catalog,
            ObjectProvider<VoidObstacle> obstacles,
            Outbox outbox,
            AuditLog auditLog,
            JsonMapper json) {
        this.obstacles = obstacles;
        this.shipments = shipments;
        this.packageVoids = packageVoids;
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
        requireNoObstacle(shipment, job);
        OutboxEntry booking = booking(entries(shipment, job), job);
        return ask(shipment, job, booking, "Void of " + booking.summary(), signIn, null);
    }

    /**
     * The same for one of its packages.
     *
     * @throws Refusal when that cannot be voided alone, too
     */
    @Transactional
    public OutboxEntry beginPackage(long shipmentId, int number, String signIn) {
        Shipment shipment = shipments.locked(shipmentId);
        String job = shipments.jobs(shipment).leading().number();
        requireGone(shipment, job);
        List<OutboxEntry> entries = entries(shipment, job);
        if (entries.stream().anyMatch(each -> FOLLOWING.contains(each.kind()) && isWaiting(each))) {
            throw Refusal.conflict(
                    "Job " + job, "Its papers and postings are not done yet.", "Wait for them, then void the package.");
        }
        OutboxEntry booking = booking(entries, job);
        requireNoObstacle(packageVoids.alone(shipment, booking, number), job);
        return ask(shipment, job, booking, "Void of package " + number + ", " + booking.summary(), signIn, number);
    }

    private void requireNoObstacle(Shipment shipment, String job) {
        obstacles.stream()
                .flatMap(each -> each.obstacle(shipment, job).stream())
                .findFirst()
                .ifPresent(reason -> {
                    throw reason;
                });
    }

    private List<OutboxEntry> entries(Shipment shipment, String job) {
        List<OutboxEntry> entries = outbox.of(Subject.Kind.SHIPMENT, shipment.id());
        if (entries.stream().anyMatch(each -> each.kind() == OutboxKind.VOID && isWaiting(each))) {
            throw Refusal.conflict(
                    "Job " + job,
                    "Its carrier is being asked to void it already.",
                    "Wait a moment: it goes on by itself.");
        }
        return entries;
    }

    private static OutboxEntry booking(List<OutboxEntry> entries, String job) {
        return entries.stream()
                .filter(each -> each.kind() == OutboxKind.BOOKING && each.state() == OutboxState.DONE)
                .max(Comparator.comparing(OutboxEntry::id))
                .orElseThrow(() -> Refusal.conflict(
                        "Job " + job, "No booking of it is on record.", "Have the carrier void it by telephone."));
    }

    private OutboxEntry ask(
            Shipment shipment,
            String job,
            OutboxEntry booking,
            String summary,
            String signIn,
            @Nullable Integer packageNumber) {
        OutboxEntry entry = outbox.addTaken(List.of(new NewEntry(
                        OutboxKind.VOID,
                        Subject.shipment(shipment.id(), job),
                        booking.target(),
                        summary,
                        json.writeValueAsString(new VoidRequest(booking.entryKey(), signIn, packageNumber)))))
                .get(0);
        auditLog.write(
                signIn,
                packageNumber == null ? "asked to void" : "asked to void package " + packageNumber,
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
