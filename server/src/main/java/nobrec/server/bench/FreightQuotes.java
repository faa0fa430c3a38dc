package nobrec.server.bench;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.charging.CustomerCharge;
import nobrec.core.measure.Weight;
import nobrec.core.notation.MeasureText;
import nobrec.core.rating.Offer;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.pricing.Assessment;
import nobrec.server.pricing.Assessor;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import nobrec.server.workorder.FreightQuoted;
import nobrec.server.workorder.WorkOrders;
import org.joda.money.Money;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionOperations;

/** What freight would cost a customer: kept, and taken into a job and its invoice. */
@Service
public class FreightQuotes {

    private static final int SHOWN = 50;
    private static final int LONGEST_YEARS = 1;

    /** What a shipment would go by now, and what that would cost the customer. */
    record Now(Offer offer, CustomerCharge charge, String packages) {}

    /** What was quoted, as its customer is told. */
    public record Quoted(String service, Money customerPays, LocalDate delivery, LocalDate validUntil) {}

    private final FreightQuoteMapper mapper;
    private final Trials trials;
    private final Shipments shipments;
    private final Assessor assessor;
    private final WorkOrders workOrders;
    private final Sites sites;
    private final NobrecSettings settings;
    private final AuditLog auditLog;
    private final ApplicationEventPublisher events;
    private final TransactionOperations transactions;
    private final Clock clock;

    FreightQuotes(
            FreightQuoteMapper mapper,
            Trials trials,
            Shipments shipments,
            Assessor assessor,
            WorkOrders workOrders,
            Sites sites,
            NobrecSettings settings,
            AuditLog auditLog,
            ApplicationEventPublisher events,
            TransactionOperations transactions,
            Clock clock) {
        this.mapper = mapper;
        this.trials = trials;
        this.shipments = shipments;
        this.assessor = assessor;
        this.workOrders = workOrders;
        this.sites = sites;
        this.settings = settings;
        this.auditLog = auditLog;
        this.events = events;
        this.transactions = transactions;
        this.clock = clock;
    }

    List<FreightQuoteRow> of(String job) {
        return mapper.of(workOrders.idOf(job), SHOWN);
    }

    /** Computed on what is open, or on an opening that is rolled back; empty where nothing has a price. */
    Optional<Now> now(String job, String signIn) {
        return trials.ifAllowed(() -> {
            Shipment shipment = trials.opened(job, signIn);
            if (shipment.outcome().isPresent()) {
                return Optional.empty();
            }
            Assessment assessment = assessor.assess(shipment, shipments.jobs(shipment));
            return assessment
                    .chosenOffer()
                    .filter(Offer::isPriced)
                    .flatMap(offer -> assessment.charge().map(charge -> new Now(offer, charge, packages(shipment))));
        });
    }

    private String packages(Shipment shipment) {
        int count = shipment.packages().size();
        Optional<Weight> weight = shipment.packages().stream()
                .map(each -> each.weight().or(each::expectedWeight))
                .reduce((one, other) -> one.flatMap(here -> other.map(here::plus)))
                .flatMap(sum -> sum);
        return count
                + (count == 1 ? " package" : " packages")
                + weight.map(sum -> ", " + MeasureText.show(sum, settings.units()))
                        .orElse("");
    }

    /**
     * @param seen what the customer would pay, as the person saw it
     * @throws Refusal where it would be something else by now
     */
    void keep(String job, String seen, LocalDate validUntil, String signIn) {
        WorkOrder order = workOrders.byNumber(job);
        LocalDate today = today();
        if (validUntil.isBefore(today) || validUntil.isAfter(today.plusYears(LONGEST_YEARS))) {
            throw Refusal.unusable(
                    "The quote",
                    "It cannot be valid until " + validUntil + ".",
                    "Choose a day from " + today + " to " + today.plusYears(LONGEST_YEARS) + ".");
        }
        Now now = now(job, signIn)
                .orElseThrow(() -> Refusal.unusable(
                        "Job " + job, "Nothing that may carry it has a price.", "Look at its offers on the Bench."));
        String charge = ShopMoney.show(now.charge().total());
        if (!charge.equals(seen)) {
            throw Refusal.changedSince(
                    "The quote", "The customer would pay " + charge + " now, not " + seen + ".", "Look again.");
        }
        keep(order, now, validUntil, signIn);
    }

    /** What it would go by now is quoted, without anybody looking; empty where nothing has a price. */
    public Optional<Quoted> keepByItself(String job, int days, String by) {
        WorkOrder order = workOrders.byNumber(job);
        LocalDate validUntil = today().plusDays(days);
        return now(job, by).map(now -> {
            keep(order, now, validUntil, by);
            return new Quoted(
                    now.offer().service().name(),
                    now.charge().total(),
                    now.offer().delivery(),
                    validUntil);
        });
    }

    private void keep(WorkOrder order, Now now, LocalDate validUntil, String signIn) {
        FreightQuoteRow row = row(order.id(), now, validUntil, signIn);
        transactions.executeWithoutResult(status -> {
            mapper.insert(row);
            events.publishEvent(
                    new FreightQuoted(order.id(), row.serviceName(), row.customerCharge(), row.validUntil()));
            auditLog.write(
                    signIn,
                    "kept a freight quote",
                    "Job " + order.number(),
                    row.serviceName() + ", " + ShopMoney.show(row.customerCharge()) + ", valid until " + validUntil);
        });
    }

    private FreightQuoteRow row(long workOrderId, Now now, LocalDate validUntil, String signIn) {
        return new FreightQuoteRow(
                0,
                workOrderId,
                now.offer().service().code(),
                now.offer().service().name(),
                now.packages(),
                now.offer().total().orElseThrow(),
                now.charge().total(),
                validUntil,
                signIn,
                clock.instant(),
                null,
                false,
                null,
                null);
    }

    /** @param held whether the customer pays what was quoted, whatever it costs by then */
    @Transactional
    public void take(long id, String job, boolean held, String signIn) {
        FreightQuoteRow quote =
                mapper.locked(id).orElseThrow(() -> Refusal.notFound("This quote", "Reload the page and look again."));
        if (quote.takenInto() != null) {
            throw Refusal.conflict(
                    "This quote",
                    "It was taken into job "
                            + workOrders.byId(quote.takenInto()).number() + " already.",
                    "Make another quote.");
        }
        if (quote.validUntil().isBefore(today())) {
            throw Refusal.unusable("This quote", "It was valid until " + quote.validUntil() + ".", "Make a new quote.");
        }
        WorkOrder into = workOrders.locked(workOrders.idOf(job));
        if (into.status() == WorkOrderStatus.SHIPPED || into.status() == WorkOrderStatus.REQUEST) {
            throw Refusal.unusable(
                    "Job " + job,
                    into.status() == WorkOrderStatus.SHIPPED ? "It has left already." : "It is a request itself.",
                    into.status() == WorkOrderStatus.SHIPPED ? "Choose another job." : "Take it as a job first.");
        }
        workOrders.keepQuoted(into.id(), quote.customerCharge(), held);
        mapper.take(id, into.id(), held, signIn, clock.instant());
        auditLog.write(
                signIn,
                "took a freight quote into a job",
                "Job " + job,
                ShopMoney.show(quote.customerCharge()) + (held ? ", held to" : ", as an estimate"));
    }

    /** A request becomes a job; one whose shipment is open is on the bench. */
    @Transactional
    public void takeAsJob(String job, String signIn) {
        boolean open = shipments.openOf(workOrders.byNumber(job)).isPresent();
        workOrders.takeAsJob(job, open, signIn);
    }

    /** At the home site. */
    LocalDate today() {
        return sites.timeAt(sites.home()).toLocalDate();
    }
}
