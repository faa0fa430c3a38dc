package nobrec.server.customer;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import nobrec.core.customer.CustomerWay;
import nobrec.core.layout.OrderField;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.audit.AuditLog;
import nobrec.server.bench.BenchActs;
import nobrec.server.job.JobEdits;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** What the customer chooses on the page. */
@Service
class CustomerActs {

    private static final String THING = "Your choice";

    private final CustomerMapper mapper;
    private final WaysOfJobs ways;
    private final WorkOrders workOrders;
    private final Shipments shipments;
    private final JobEdits edits;
    private final BenchActs bench;
    private final AuditLog auditLog;
    private final TransactionOperations transactions;
    private final Clock clock;

    CustomerActs(
            CustomerMapper mapper,
            WaysOfJobs ways,
            WorkOrders workOrders,
            Shipments shipments,
            JobEdits edits,
            BenchActs bench,
            AuditLog auditLog,
            TransactionOperations transactions,
            Clock clock) {
        this.mapper = mapper;
        this.ways = ways;
        this.workOrders = workOrders;
        this.shipments = shipments;
        this.edits = edits;
        this.bench = bench;
        this.auditLog = auditLog;
        this.transactions = transactions;
        this.clock = clock;
    }

    void seen(WorkOrder job) {
        mapper.seen(job.id(), clock.instant());
    }

    /**
     * It goes by that service, and the customer pays what was shown, whatever it costs by then.
     *
     * @param shown the price as the customer saw it
     * @param before what had been chosen by the link when the customer looked; empty text for nothing
     */
    void choose(WorkOrder job, String serviceCode, String shown, String before) {
        WaysOfJobs.Found found = ways.of(job);
        if (!found.whyNot().isEmpty()) {
            throw Refusal.conflict(THING, found.whyNot(), "");
        }
        CustomerWay way = found.ways()
                .byCode(serviceCode)
                .orElseThrow(() ->
                        Refusal.conflict(THING, "It does not go that way any more.", "Choose one of those below."));
        if (!ShopMoney.show(way.price()).equals(shown)) {
            throw Refusal.changedSince(
                    THING,
                    way.service() + " costs " + ShopMoney.show(way.price()) + " now, not " + shown + ".",
                    "Nothing was chosen. Look again, and choose.");
        }
        transactions.executeWithoutResult(status -> keep(job, way, before));
    }

    private void keep(WorkOrder job, CustomerWay way, String before) {
        // as everywhere: a shipment is locked before its job
        Optional<Long> open = shipments.openOf(job);
        edits.edit(
                job.number(),
                List.of(new JobEdits.Edit(OrderField.SERVICE, 0, Optional.empty(), way.serviceCode())),
                AuditLog.BY_CUSTOMER);
        mapper.seen(job.id(), clock.instant());
        LinkRow link = mapper.linkLocked(job.id()).orElseThrow();
        if (!link.serviceCode().equals(before)) {
            throw Refusal.changedSince(
                    THING,
                    "Somebody with this link has chosen " + link.serviceName() + " meanwhile.",
                    "Choose again if you want it otherwise.");
        }
        workOrders.keepQuoted(job.id(), way.price(), true);
        open.ifPresent(shipment -> bench.chooseService(shipment, way.serviceCode(), AuditLog.BY_CUSTOMER));
        mapper.choose(job.id(), way.serviceCode(), way.service(), way.price(), clock.instant());
        auditLog.write(
                AuditLog.BY_CUSTOMER,
                "chose the way",
                "Job " + job.number(),
                way.service() + ", " + ShopMoney.show(way.price()) + ", held to");
    }
}
