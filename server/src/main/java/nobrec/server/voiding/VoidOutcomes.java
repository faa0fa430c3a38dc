package nobrec.server.voiding;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.PackageSplit;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.audit.AuditLog;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.document.Papers;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.ShipmentStore;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrders;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Second half of making void: what is certain of the carrier's answer is stored, in one transaction with the pieces that are
 * here again and with the entries that reverse what was written. An answer that comes twice is stored once.
 */
@Component
class VoidOutcomes {

    private final Shipments shipments;
    private final PackageVoids packageVoids;
    private final ShipmentStore store;
    private final Outbox outbox;
    private final Papers papers;
    private final WorkOrders workOrders;
    private final Sites sites;
    private final AuditLog auditLog;
    private final ApplicationEventPublisher events;

    VoidOutcomes(
            Shipments shipments,
            PackageVoids packageVoids,
            ShipmentStore store,
            Outbox outbox,
            Papers papers,
            WorkOrders workOrders,
            Sites sites,
            AuditLog auditLog,
            ApplicationEventPublisher events) {
        this.shipments = shipments;
        this.packageVoids = packageVoids;
        this.store = store;
        this.outbox = outbox;
        this.papers = papers;
        this.workOrders = workOrders;
        this.sites = sites;
        this.auditLog = auditLog;
        this.events = events;
    }

    /** The entry by which a carrier is asked to void it, while there is no certain answer. */
    Optional<OutboxEntry> waiting(long shipmentId) {
        return outbox.waiting(OutboxKind.VOID, Subject.Kind.SHIPMENT, shipmentId);
    }

    /** @return whether the shipment is void by this answer */
    @Transactional
    public boolean settle(OutboxEntry entry, VoidRequest request, OutsideAnswer<String> answer) {
        Integer packageNumber = request.packageNumber();
        String askedBy = request.askedBy();
        Shipment shipment = packageNumber == null
                ? shipments.lockedInOutline(entry.subjectId())
                : shipments.locked(entry.subjectId());
        boolean awaited = shipment.state() == ShipmentState.SHIPPED
                && waiting(shipment.id())
                        .filter(waiting -> waiting.entryKey().equals(entry.entryKey()))
                        .isPresent();
        if (!awaited) {
            return false;
        }
        if (answer instanceof OutsideAnswer.Accepted<String> accepted) {
            Jobs jobs = shipments.jobs(shipment);
            Optional<PackageSplit> split =
                    Optional.ofNullable(packageNumber).map(number -> PackageSplit.of(shipment, jobs, number));
            if (giveUpOther(
                    split.map(PackageSplit::leading).orElse(shipment.workOrderId()), shipment, entry, askedBy)) {
                outbox.done(entry, accepted.result());
                split.ifPresentOrElse(
                        each -> takeOut(shipment, each, jobs, askedBy), () -> reopen(shipment, jobs, askedBy));
                return true;
            }
        } else if (answer instanceof OutsideAnswer.Refused<String> refused) {
            outbox.refused(entry, refused.reason());
            auditLog.write(askedBy, "was refused a void by the carrier", "Shipment " + shipment.id(), refused.reason());
        } else {
            outbox.putOff(entry, answer.whyOpen());
        }
        return false;
    }

    /**
     * The rest of the job that is open again by this may stand on the bench meanwhile, and a job has one shipment there: the rest comes after this one
     * again.
     */
    private boolean giveUpOther(long workOrder, Shipment shipment, OutboxEntry entry, String askedBy) {
        Optional<Shipment> other = shipments.openOwn(workOrder).map(shipments::locked);
        if (other.isPresent() && other.get().state() != ShipmentState.OPEN) {
            outbox.putOff(entry, "The rest of its job is being shipped just now.");
            return false;
        }
        other.ifPresent(rest -> {
            store.delete(rest);
            auditLog.write(
                    askedBy,
                    "put the rest of a job off",
                    "Shipment " + rest.id(),
                    "Shipment " + shipment.id() + " of the same job is open again.");
        });
        return true;
    }

    private void reopen(Shipment shipment, Jobs jobs, String askedBy) {
        // What follows on shipping and has not been done need not be done.
        outbox.callOff(VoidIntents.FOLLOWING, Subject.Kind.SHIPMENT, shipment.id());
        long voided = store.reopenVoided(shipment, askedBy);
        papers.markVoid(Subject.Kind.SHIPMENT, shipment.id(), voided);
        cameBack(shipment, jobs, askedBy, "voided");
    }

    private void takeOut(Shipment shipment, PackageSplit split, Jobs jobs, String askedBy) {
        cameBack(
                split.alone(shipment),
                jobs,
                askedBy,
                "voided package " + split.taken().number());
        packageVoids.takeOut(shipment, split, jobs, askedBy);
        events.publishEvent(
                new PackageVoided(Subject.shipment(shipment.id(), jobs.leading().number())));
    }

    /** @param shipment with what came back: all of it, or one package */
    private void cameBack(Shipment shipment, Jobs jobs, String askedBy, String act) {
        List<String> numbers = workOrders.cameBack(shipment.lines().stream()
                .collect(Collectors.toMap(Shipment.Line::workOrderLineId, Shipment.Line::quantity)));
        List<String> tracking = shipment.packages().stream()
                .flatMap(each -> each.trackingNumber().stream())
                .toList();
        events.publishEvent(new ShipmentVoided(
                shipment.id(),
                jobs.leading().number(),
                sites.timeAt(sites.byId(shipment.siteId())).toLocalDate(),
                tracking));
        numbers.forEach(job -> auditLog.write(askedBy, act, "Job " + job, String.join(", ", tracking)));
    }
}
