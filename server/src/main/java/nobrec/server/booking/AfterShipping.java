package nobrec.server.booking;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.server.document.ShipmentPapers;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxHandler;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxState;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.ChargeLineRow;
import nobrec.server.shipment.Shipments;
import nobrec.server.telling.FactSheets;
import nobrec.server.telling.GoneShipment;
import nobrec.server.voiding.PackageVoided;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Does what follows once a shipment has its tracking numbers, each thing in a transaction of its own: one that fails waits
 * and is tried again, and holds up neither the shipment nor the other.
 */
@Component
class AfterShipping implements OutboxHandler {

    static final Set<OutboxKind> KINDS = Set.of(OutboxKind.PAPERS, OutboxKind.WRITE_BACKS);

    /** What an entry says whose shipment has its labels already. */
    private static final String LISTS_ONLY = "LISTS_ONLY";

    private static final Logger LOG = LoggerFactory.getLogger(AfterShipping.class);

    private final Outbox outbox;
    private final Shipments shipments;
    private final ShipmentPapers papers;
    private final FactSheets sheets;
    private final OutboxWorker worker;
    private final TransactionOperations transactions;
    private final ApplicationEventPublisher events;

    AfterShipping(
            Outbox outbox,
            Shipments shipments,
            ShipmentPapers papers,
            FactSheets sheets,
            OutboxWorker worker,
            TransactionOperations transactions,
            ApplicationEventPublisher events) {
        this.outbox = outbox;
        this.shipments = shipments;
        this.papers = papers;
        this.sheets = sheets;
        this.worker = worker;
        this.transactions = transactions;
        this.events = events;
    }

    /** To be called in the transaction in which a shipment gets its tracking numbers. */
    void begin(Subject shipment) {
        outbox.addTaken(
                List.of(NewEntry.ours(OutboxKind.PAPERS, shipment), NewEntry.ours(OutboxKind.WRITE_BACKS, shipment)));
    }

    /** The rest of a shipment is told of as it is now, and has a slip of its own. */
    @EventListener
    void on(PackageVoided voided) {
        outbox.add(List.of(
                new NewEntry(OutboxKind.PAPERS, voided.shipment(), OutboxEntry.OURS, "Its slip", LISTS_ONLY),
                NewEntry.ours(OutboxKind.WRITE_BACKS, voided.shipment())));
    }

    /**
     * Does at once what follows on a shipment that this server has settled just now: the leases are its own. What does not
     * come to an end is left to the outbox.
     */
    GoneShipment runFor(long shipmentId) {
        GoneShipment gone = sheets.load(shipmentId);
        outbox.of(Subject.Kind.SHIPMENT, shipmentId).stream()
                .filter(each -> KINDS.contains(each.kind()) && each.state() == OutboxState.WAITING)
                .forEach(each -> worker.attempt(each, () -> carryOut(each, gone)));
        return gone;
    }

    @Override
    public Set<OutboxKind> kinds() {
        return KINDS;
    }

    @Override
    public void carryOut(OutboxEntry entry) {
        carryOut(entry, sheets.load(entry.subjectId()));
    }

    private void carryOut(OutboxEntry entry, GoneShipment gone) {
        Runnable keep = entry.kind() == OutboxKind.PAPERS
                ? drawn(entry, gone)
                : () -> events.publishEvent(ShipmentShipped.of(gone));
        try {
            transactions.executeWithoutResult(status -> {
                outbox.doneHere(entry);
                keep.run();
            });
        } catch (PessimisticLockingFailureException elsewhere) {
            LOG.info("{} of {}: done by another server, or to be tried again", entry.kind(), entry.subject());
        }
    }

    private Runnable drawn(OutboxEntry entry, GoneShipment gone) {
        return entry.request().equals(LISTS_ONLY)
                ? papers.drawLists(gone.shipment(), gone.jobs(), gone.service())
                : papers.draw(
                        gone.shipment(),
                        gone.jobs(),
                        gone.service(),
                        charged(gone.shipment().id()));
    }

    private Set<String> charged(long shipmentId) {
        return shipments.chargeLines(shipmentId).stream()
                .map(ChargeLineRow::code)
                .collect(Collectors.toSet());
    }
}
