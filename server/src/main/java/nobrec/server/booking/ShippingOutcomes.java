package nobrec.server.booking;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.carrier.TrackingNumbers;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.ShipmentStore;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Second half of shipping: what is certain of the carrier's answer is stored, in one transaction with the pieces that have
 * left and the work orders' state. Papers and postings follow, see {@link AfterShipping}. An answer that comes twice is stored
 * once.
 */
@Component
class ShippingOutcomes {

    private final Shipments shipments;
    private final ShipmentStore store;
    private final Outbox outbox;
    private final WorkOrders workOrders;
    private final ServiceCatalog catalog;
    private final AfterShipping afterShipping;
    private final Sites sites;
    private final AuditLog auditLog;

    ShippingOutcomes(
            Shipments shipments,
            ShipmentStore store,
            Outbox outbox,
            WorkOrders workOrders,
            ServiceCatalog catalog,
            AfterShipping afterShipping,
            Sites sites,
            AuditLog auditLog) {
        this.shipments = shipments;
        this.store = store;
        this.outbox = outbox;
        this.workOrders = workOrders;
        this.catalog = catalog;
        this.afterShipping = afterShipping;
        this.sites = sites;
        this.auditLog = auditLog;
    }

    /** The booking of a shipment that has no certain answer. */
    Optional<OutboxEntry> waiting(long shipmentId) {
        return outbox.waiting(OutboxKind.BOOKING, Subject.Kind.SHIPMENT, shipmentId);
    }

    /** @return whether the shipment has left by this answer */
    @Transactional
    public boolean settle(OutboxEntry booking, OutsideAnswer<TrackingNumbers> answer) {
        Shipment shipment = shipments.lockedInOutline(booking.subjectId());
        boolean awaited = shipment.state() == ShipmentState.SHIPPING
                && waiting(shipment.id())
                        .filter(waiting -> waiting.entryKey().equals(booking.entryKey()))
                        .isPresent();
        if (!awaited) {
            return false;
        }
        if (answer instanceof OutsideAnswer.Accepted<TrackingNumbers> accepted) {
            String fault = faultOf(accepted.result().byPackage(), shipment);
            if (fault.isEmpty()) {
                accept(booking, shipment, accepted.result().byPackage());
                return true;
            }
            outbox.putOff(booking, fault);
        } else if (answer instanceof OutsideAnswer.Refused<TrackingNumbers> refused) {
            refuse(booking, shipment, refused.reason());
        } else {
            outbox.putOff(booking, answer.whyOpen());
        }
        return false;
    }

    /** Why an acceptance cannot be right; empty text when it can. */
    private String faultOf(Map<Integer, String> trackingNumbers, Shipment shipment) {
        Set<Integer> packages =
                shipment.packages().stream().map(Shipment.Package::number).collect(Collectors.toSet());
        if (!trackingNumbers.keySet().equals(packages)) {
            return "The carrier gave numbers for " + trackingNumbers.size() + " packages; the shipment has "
                    + packages.size() + ".";
        }
        List<String> inUse = store.trackingNumbersInUse(trackingNumbers.values());
        return inUse.isEmpty() ? "" : "The carrier gave number " + inUse.get(0) + ", which another package has.";
    }

    private void accept(OutboxEntry booking, Shipment shipment, Map<Integer, String> trackingNumbers) {
        outbox.done(booking, String.join(", ", trackingNumbers.values()));
        store.markShipped(shipment.id(), trackingNumbers);
        List<String> jobs = workOrders.markShipped(
                shipment.lines().stream()
                        .collect(Collectors.toMap(Shipment.Line::workOrderLineId, Shipment.Line::quantity)),
                sites.today());
        afterShipping.begin(booking.subject());
        jobs.forEach(job -> auditLog.write(
                shipment.startedBy().orElse(AuditLog.BY_ITSELF),
                "shipped",
                "Job " + job,
                catalog.carrier(booking.target()).name() + ", " + String.join(", ", trackingNumbers.values())));
    }

    private void refuse(OutboxEntry booking, Shipment shipment, String reason) {
        outbox.refused(booking, reason);
        store.reopen(shipment.id());
        workOrders.labelRefused(shipment.workOrderId());
        auditLog.write(
                shipment.startedBy().orElse(AuditLog.BY_ITSELF),
                "was refused by the carrier",
                "Shipment " + shipment.id(),
                reason);
    }
}
