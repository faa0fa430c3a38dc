package nobrec.server.shipment;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.core.rating.Service;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.outbox.DueTimes;
import nobrec.server.platform.outbox.DueWork;
import nobrec.server.platform.outbox.DueWorker;
import nobrec.server.platform.outbox.GrowingPause;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Does what follows once a shipment has its tracking numbers, each thing in a transaction of its own: one that fails waits
 * and is tried again, and holds up neither the shipment nor the other.
 */
@Component
public class FollowUps implements DueWork<FollowUp> {

    private static final Logger LOG = LoggerFactory.getLogger(FollowUps.class);

    private final FollowUpMapper mapper;
    private final Shipments shipments;
    private final ShipmentPapers papers;
    private final ServiceCatalog catalog;
    private final DueWorker worker;
    private final TransactionOperations transactions;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    FollowUps(
            FollowUpMapper mapper,
            Shipments shipments,
            ShipmentPapers papers,
            ServiceCatalog catalog,
            DueWorker worker,
            TransactionOperations transactions,
            ApplicationEventPublisher events,
            Clock clock) {
        this.mapper = mapper;
        this.shipments = shipments;
        this.papers = papers;
        this.catalog = catalog;
        this.worker = worker;
        this.transactions = transactions;
        this.events = events;
        this.clock = clock;
    }

    /** Works through all whose time has come. */
    public void run() {
        worker.run(this);
    }

    /**
     * Does at once what follows on a shipment that this server has settled just now: the leases are its own. What does not
     * come to an end is left to the sweep.
     */
    Gone runFor(long shipmentId) {
        Gone gone = load(shipmentId);
        mapper.of(shipmentId).forEach(each -> worker.attempt(this, each, () -> carryOut(each, gone)));
        return gone;
    }

    /** A shipment that has its tracking numbers, with all that is told of it. */
    record Gone(Shipment shipment, Jobs jobs, Service service) {}

    private Gone load(long shipmentId) {
        Shipment shipment = shipments.byId(shipmentId);
        return new Gone(
                shipment,
                shipments.jobs(shipment),
                catalog.service(shipment.outcome().orElseThrow().serviceCode()));
    }

    /** What still follows on a shipment, and did not come to an end at once. */
    List<FollowUp> waitingOf(long shipmentId) {
        return mapper.of(shipmentId);
    }

    /** To be called in the transaction in which a shipment gets its tracking numbers. */
    void begin(long shipmentId) {
        DueTimes times = DueTimes.at(clock);
        mapper.insert(shipmentId, times.now(), times.leaseEnds());
    }

    @Override
    public String name() {
        return "What follows on shipping";
    }

    @Override
    public Optional<FollowUp> nextDue(DueTimes times) {
        return mapper.nextDue(times);
    }

    @Override
    public void take(FollowUp followUp, Instant until) {
        mapper.take(followUp.id(), until);
    }

    @Override
    public void carryOut(FollowUp followUp) {
        carryOut(followUp, load(followUp.shipmentId()));
    }

    private void carryOut(FollowUp followUp, Gone gone) {
        Runnable keep = followUp.kind() == FollowUp.Kind.PAPERS
                ? papers.draw(gone.shipment(), gone.jobs(), gone.service())
                : () -> events.publishEvent(ShipmentShipped.of(gone.shipment(), gone.jobs(), gone.service()));
        try {
            transactions.executeWithoutResult(status -> {
                mapper.done(followUp.id());
                keep.run();
            });
        } catch (PessimisticLockingFailureException doneAlready) {
            LOG.info("{} of shipment {} were done by another server", followUp.kind(), followUp.shipmentId());
        }
    }

    @Override
    public void failed(FollowUp followUp, String reason) {
        mapper.putOff(followUp.id(), clock.instant().plus(GrowingPause.after(followUp.attempts() + 1)), reason);
    }
}
