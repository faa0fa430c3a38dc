package nobrec.server.booking;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.core.service.Service;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.document.ShipmentPapers;
import nobrec.server.platform.outbox.DueTimes;
import nobrec.server.platform.outbox.DueWork;
import nobrec.server.platform.outbox.DueWorker;
import nobrec.server.platform.outbox.GrowingPause;
import nobrec.server.shipment.Shipments;
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
public class Completions implements DueWork<Completion> {

    private static final Logger LOG = LoggerFactory.getLogger(Completions.class);

    private final CompletionMapper mapper;
    private final Shipments shipments;
    private final ShipmentPapers papers;
    private final ServiceCatalog catalog;
    private final DueWorker worker;
    private final TransactionOperations transactions;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Completions(
            CompletionMapper mapper,
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
    public record Gone(Shipment shipment, Jobs jobs, Service service) {}

    private Gone load(long shipmentId) {
        Shipment shipment = shipments.byId(shipmentId);
        return new Gone(
                shipment,
                shipments.jobs(shipment),
                catalog.service(shipment.outcome().orElseThrow().serviceCode()));
    }

    /** What still follows on a shipment, and did not come to an end at once. */
    public List<Completion> waitingOf(long shipmentId) {
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
    public Optional<Completion> nextDue(DueTimes times) {
        return mapper.nextDue(times);
    }

    @Override
    public void take(Completion completion, Instant until) {
        mapper.take(completion.id(), until);
    }

    @Override
    public void carryOut(Completion completion) {
        carryOut(completion, load(completion.shipmentId()));
    }

    private void carryOut(Completion completion, Gone gone) {
        Runnable keep = completion.kind() == Completion.Kind.PAPERS
                ? papers.draw(gone.shipment(), gone.jobs(), gone.service())
                : () -> events.publishEvent(ShipmentShipped.of(gone.shipment(), gone.jobs(), gone.service()));
        try {
            transactions.executeWithoutResult(status -> {
                mapper.done(completion.id());
                keep.run();
            });
        } catch (PessimisticLockingFailureException elsewhere) {
            LOG.info(
                    "{} of shipment {}: done by another server, or to be tried again",
                    completion.kind(),
                    completion.shipmentId());
        }
    }

    @Override
    public void failed(Completion completion, String reason) {
        mapper.putOff(completion.id(), clock.instant().plus(GrowingPause.after(completion.attempts() + 1)), reason);
    }
}
