package nobrec.server.subscription;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.moment.MomentReached;
import nobrec.server.platform.BackgroundWork.Sweep;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.Shipments;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps an event for what becomes of a shipment, in the same transaction. It gets its number afterwards, one after the other: the order in
 * which transactions end is not that in which they began, and who reads on from a number must miss none.
 */
@Component
class EventWriter {

    private static final Duration PAUSE = Duration.ofSeconds(2);

    /** So many get their numbers in one transaction. */
    private static final int PART = 200;

    private final SubscriptionMapper mapper;
    private final Subscriptions subscriptions;
    private final Shipments shipments;
    private final Outbox outbox;
    private final OutboxWorker worker;
    private final TransactionOperations transactions;
    private final JsonMapper json;

    EventWriter(
            SubscriptionMapper mapper,
            Subscriptions subscriptions,
            Shipments shipments,
            Outbox outbox,
            OutboxWorker worker,
            TransactionOperations transactions,
            JsonMapper json) {
        this.mapper = mapper;
        this.subscriptions = subscriptions;
        this.shipments = shipments;
        this.outbox = outbox;
        this.worker = worker;
        this.transactions = transactions;
        this.json = json;
    }

    @Configuration
    static class Sweeping {
        @Bean
        Sweep sweepOfEvents(EventWriter writer) {
            return new Sweep("events", PAUSE, writer::numberAll);
        }
    }

    @EventListener
    void on(MomentReached reached) {
        Jobs jobs = reached.gone()
                .map(gone -> gone.jobs())
                .orElseGet(() -> shipments.jobs(shipments.byId(reached.shipmentId())));
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("event", reached.moment().name());
        body.put("at", reached.at().toString());
        body.put("shipment", reached.shipmentId());
        body.put("jobs", jobs.all().stream().map(WorkOrder::number).toList());
        body.put("detail", reached.detail());
        reached.gone().ifPresent(gone -> {
            Shipment.Outcome outcome = gone.shipment().outcome().orElseThrow();
            body.put("carrier", gone.service().carrier().name());
            body.put("service", gone.service().name());
            body.put("shipDate", outcome.shipDate().toString());
            body.put("arrival", outcome.deliveryDate().toString());
            body.put(
                    "tracking",
                    gone.shipment().packages().stream()
                            .flatMap(each -> each.trackingNumber().stream())
                            .toList());
        });
        mapper.insert(new EventRow(
                0,
                null,
                reached.moment(),
                reached.shipmentId(),
                jobs.leading().number(),
                reached.at(),
                json.writeValueAsString(body)));
    }

    /** Gives numbers to all that are certain, and tells who has subscribed. */
    void numberAll() {
        boolean any = false;
        while (mapper.hasUnnumbered() && Boolean.TRUE.equals(transactions.execute(status -> numberSome()))) {
            any = true;
        }
        if (any) {
            worker.start();
        }
    }

    private boolean numberSome() {
        long next = mapper.nextLocked();
        List<EventRow> rows = mapper.unnumbered(PART);
        List<NewEntry> entries = new ArrayList<>();
        for (EventRow row : rows) {
            mapper.number(row.id(), next);
            for (Subscriptions.Subscription each : subscriptions.all()) {
                if (each.active() && each.isCalled() && each.moments().contains(row.moment())) {
                    entries.add(entry(each.code(), row, next));
                }
            }
            next++;
        }
        mapper.keepNext(next);
        if (!entries.isEmpty()) {
            outbox.add(entries);
        }
        return !rows.isEmpty();
    }

    static NewEntry entry(String code, EventRow row, long number) {
        return new NewEntry(
                        OutboxKind.EVENT,
                        Subject.shipment(row.shipmentId(), row.job()),
                        code,
                        "Event " + number + ": " + row.moment().words(),
                        numbered(row.body(), number))
                .telling(row.moment().name());
    }

    /** The body begins with its number. */
    static String numbered(String body, long number) {
        return "{\"number\":" + number + "," + body.substring(1);
    }
}
