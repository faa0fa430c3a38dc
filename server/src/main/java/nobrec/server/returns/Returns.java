package nobrec.server.returns;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.core.books.AccountRules;
import nobrec.core.refusal.Refusal;
import nobrec.core.returns.Receipt;
import nobrec.core.returns.ReturnState;
import nobrec.core.service.Service;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrders;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.transaction.support.TransactionOperations;

/** What is done about returns that there are: said to be on the way, reminded of, called off, received. */
@org.springframework.stereotype.Service
class Returns {

    private static final int SPARE_DAYS = 5;
    private static final int LONGEST_CAME = 1_000;

    private final ReturnMapper mapper;
    private final ReturnLabels labels;
    private final ReturnReminders reminders;
    private final Shipments shipments;
    private final WorkOrders workOrders;
    private final ServiceCatalog catalog;
    private final Sites sites;
    private final AuditLog auditLog;
    private final TransactionOperations transactions;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Returns(
            ReturnMapper mapper,
            ReturnLabels labels,
            ReturnReminders reminders,
            Shipments shipments,
            WorkOrders workOrders,
            ServiceCatalog catalog,
            Sites sites,
            AuditLog auditLog,
            TransactionOperations transactions,
            ApplicationEventPublisher events,
            Clock clock) {
        this.mapper = mapper;
        this.labels = labels;
        this.reminders = reminders;
        this.shipments = shipments;
        this.workOrders = workOrders;
        this.catalog = catalog;
        this.sites = sites;
        this.auditLog = auditLog;
        this.transactions = transactions;
        this.events = events;
        this.clock = clock;
    }

    /** The customer says that it was sent; it is due when its service should have brought it. */
    void isOnTheWay(long id, String signIn) {
        act(id, signIn, "noted a return as on its way", row -> {
            requireState(row, row.state() == ReturnState.EXPECTED);
            LocalDate due = sites.calendar(row.siteId()).after(sites.today(), transitDays(row));
            mapper.move(id, ReturnState.EXPECTED, ReturnState.ON_THE_WAY, due, "");
        });
    }

    /** As many working days as the way there took, and a week for whatever happens. */
    private int transitDays(ReturnRow row) {
        return shipments
                .byId(row.shipmentId())
                .outcome()
                .map(there -> sites.calendar(row.siteId()).between(there.shipDate(), there.deliveryDate()))
                .map(days -> Math.max(days, 0) + SPARE_DAYS)
                .orElse(SPARE_DAYS);
    }

    /** Somebody asked the customer where it stays. */
    void remind(long id, String signIn) {
        transactions.executeWithoutResult(status -> {
            ReturnRow row = locked(id);
            requireState(row, row.state().isAwaited());
            reminders.byPerson(row, signIn);
        });
    }

    private interface Act {
        void on(ReturnRow row);
    }

    private void act(long id, String signIn, String words, Act act) {
        transactions.executeWithoutResult(status -> {
            ReturnRow row = locked(id);
            act.on(row);
            auditLog.write(signIn, words, "Job " + row.job(), "Return " + id);
        });
    }

    private ReturnRow locked(long id) {
        return mapper.byIdLocked(id).orElseThrow(() -> unknown(id));
    }

    static Refusal unknown(long id) {
        return Refusal.notFound("Return " + id, "Look at the list again.");
    }

    private static void requireState(ReturnRow row, boolean right) {
        if (!right) {
            throw Refusal.conflict(
                    "Return " + row.id(),
                    row.state() == ReturnState.RECEIVED
                            ? "It was received by now."
                            : "Somebody else did something about it meanwhile.",
                    "Reload the page.");
        }
    }

    /** It need not come any more. Its label is made void with the carrier; until that has answered it may be used. */
    void callOff(long id, String signIn) {
        Optional<OutboxEntry> entry = transactions.execute(status -> {
            ReturnRow row = locked(id);
            requireState(row, row.state().isAwaited());
            auditLog.write(signIn, "called a return off", "Job " + row.job(), "Return " + id);
            mapper.move(
                    id,
                    row.state(),
                    row.hasOurLabel() ? ReturnState.CALLING_OFF : ReturnState.CALLED_OFF,
                    row.due(),
                    "");
            return row.hasOurLabel() ? Optional.of(labels.makeVoid(row)) : Optional.empty();
        });
        entry.ifPresent(labels::attemptAloud);
    }

    /** What came, and in which state; the source is told, and what the way cost is posted. */
    void receive(long id, List<Receipt.Came> came, String signIn) {
        transactions.executeWithoutResult(status -> {
            ReturnRow row = locked(id);
            requireState(row, row.state().canBeReceived());
            List<ReturnLineRow> lines = mapper.linesOf(List.of(id));
            Receipt receipt =
                    Receipt.of(lines.stream().map(ReturnLineRow::expected).toList(), came);
            mapper.receive(id, signIn, clock.instant(), Shortened.to(LONGEST_CAME, receipt.words()));
            mapper.keepCame(cameOf(lines, receipt));
            publish(row, receipt);
            auditLog.write(
                    signIn, "received a return", "Job " + row.job(), receipt.pieces() + " pieces: " + receipt.words());
        });
    }

    private static List<ReturnLineRow> cameOf(List<ReturnLineRow> lines, Receipt receipt) {
        List<ReturnLineRow> kept = new ArrayList<>();
        for (int index = 0; index < lines.size(); index++) {
            ReturnLineRow line = lines.get(index);
            Receipt.Came here = receipt.lines().get(index).came();
            kept.add(new ReturnLineRow(
                    line.returnId(),
                    line.position(),
                    line.workOrderLineId(),
                    line.item(),
                    line.quantity(),
                    here.quantity(),
                    here.condition()));
        }
        return kept;
    }

    private void publish(ReturnRow row, Receipt receipt) {
        Optional<Service> service = Optional.ofNullable(row.serviceCode()).map(catalog::service);
        WorkOrder job = workOrders.byId(row.workOrderId());
        events.publishEvent(new ReturnReceived(
                row.id(),
                row.shipmentId(),
                row.job(),
                !job.isTyped(),
                service.map(each -> each.carrier().name()).orElse(""),
                service.map(Service::name).orElse(""),
                Optional.ofNullable(row.trackingNumber()).orElse(""),
                sites.today(),
                row.freightCost(),
                row.customerCharge(),
                receipt.words(),
                new AccountRules.Booked(
                        Optional.ofNullable(row.carrierCode()).orElse(""),
                        sites.byId(row.siteId()).code(),
                        row.customer(),
                        job.terms())));
    }
}
