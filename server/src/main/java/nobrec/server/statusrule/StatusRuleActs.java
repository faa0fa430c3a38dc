package nobrec.server.statusrule;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import nobrec.core.rule.ConditionOutcome;
import nobrec.core.telling.FactSheet;
import nobrec.core.telling.Moment;
import nobrec.core.telling.TellingFact;
import nobrec.core.workorder.InvoiceState;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.audit.AuditLog;
import nobrec.server.job.JobNotes;
import nobrec.server.moment.MomentReached;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.returns.ReturnReminder;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import nobrec.server.telling.FactSheets;
import nobrec.server.telling.GoneShipment;
import nobrec.server.workorder.FreightQuoted;
import nobrec.server.workorder.InvoiceLearned;
import nobrec.server.workorder.WorkOrders;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Does what the rules say when something becomes of a job, in the same transaction, before others are told. */
@Component
class StatusRuleActs {

    /** Before whoever tells others what the job's status is. */
    private static final int FIRST = -100;

    private final StatusRules rules;
    private final WorkOrders workOrders;
    private final Shipments shipments;
    private final FactSheets sheets;
    private final JobNotes notes;
    private final Sites sites;
    private final NobrecSettings settings;
    private final AuditLog auditLog;

    StatusRuleActs(
            StatusRules rules,
            WorkOrders workOrders,
            Shipments shipments,
            FactSheets sheets,
            JobNotes notes,
            Sites sites,
            NobrecSettings settings,
            AuditLog auditLog) {
        this.rules = rules;
        this.workOrders = workOrders;
        this.shipments = shipments;
        this.sheets = sheets;
        this.notes = notes;
        this.sites = sites;
        this.settings = settings;
        this.auditLog = auditLog;
    }

    @EventListener
    @Order(FIRST)
    void on(MomentReached reached) {
        List<StatusRules.CountingRule> counting = rules.at(reached.moment());
        if (counting.isEmpty()) {
            return;
        }
        List<WorkOrder> jobs = reached.gone()
                .map(gone -> gone.jobs().all())
                .orElseGet(() ->
                        shipments.jobs(shipments.byId(reached.shipmentId())).all());
        for (WorkOrder job : jobs) {
            act(
                    counting,
                    job,
                    sheet(reached.gone(), job, reached.moment()).with(TellingFact.EXCEPTION, reached.detail()));
        }
    }

    @EventListener
    @Order(FIRST)
    void on(InvoiceLearned learned) {
        Moment moment = learned.state() == InvoiceState.OPEN ? Moment.INVOICED : Moment.INVOICE_PAID;
        List<StatusRules.CountingRule> counting = rules.at(moment);
        if (!counting.isEmpty()) {
            WorkOrder job = workOrders.byNumber(learned.job());
            act(counting, job, sheet(Optional.empty(), job, moment));
        }
    }

    @EventListener
    @Order(FIRST)
    void on(FreightQuoted quoted) {
        List<StatusRules.CountingRule> counting = rules.at(Moment.QUOTED);
        if (!counting.isEmpty()) {
            WorkOrder job = workOrders.byId(quoted.workOrderId());
            act(counting, job, sheet(Optional.empty(), job, Moment.QUOTED));
        }
    }

    @EventListener
    @Order(FIRST)
    void on(ReturnReminder reminder) {
        List<StatusRules.CountingRule> counting = rules.at(Moment.RETURN_REMINDER);
        if (!counting.isEmpty()) {
            WorkOrder job = workOrders.byId(reminder.workOrderId());
            act(counting, job, sheets.of(sheets.load(reminder.shipmentId()), job, Moment.RETURN_REMINDER));
        }
    }

    /** Of a job that has not left, or not any more, only what its record says is known. */
    private FactSheet sheet(Optional<GoneShipment> gone, WorkOrder job, Moment moment) {
        return gone.map(left -> sheets.of(left, job, moment)).orElseGet(() -> sheets.ofJob(job, moment));
    }

    private void act(List<StatusRules.CountingRule> counting, WorkOrder job, FactSheet sheet) {
        WorkOrder recorded = workOrders.recorded(job.id());
        for (StatusRules.CountingRule rule : counting) {
            if (outcome(rule, recorded).holds()) {
                act(rule, job, sheet);
            }
        }
    }

    private ConditionOutcome outcome(StatusRules.CountingRule rule, WorkOrder recorded) {
        return ConditionOutcome.of(rule.condition(), recorded, sites.today(), settings.units());
    }

    private void act(StatusRules.CountingRule rule, WorkOrder job, FactSheet sheet) {
        StatusRuleDocument document = rule.document();
        if (!document.status().isBlank()) {
            rules.setStatus(job.id(), document.status().strip(), document.name());
        }
        String note = rule.note().write(sheet, UnaryOperator.identity());
        if (!note.isBlank()) {
            notes.writeByRule(job.id(), note, document.name());
        }
        auditLog.write(
                AuditLog.BY_ITSELF,
                "did what a rule on an event says",
                "Job " + job.number(),
                document.name() + (document.status().isBlank() ? "" : ": " + document.status()));
    }

    /**
     * What a rule would do to a job; nothing is done.
     *
     * @param why in words; empty text where it would do nothing, or acts on every job
     */
    record Tried(boolean holds, String why, String before, String status, String note) {}

    Tried tryOn(StatusRuleDocument document, String jobNumber) {
        StatusRules.CountingRule rule = rules.read(document);
        WorkOrder job = workOrders.byNumber(jobNumber);
        ConditionOutcome outcome = outcome(rule, workOrders.recorded(job.id()));
        Optional<GoneShipment> gone = shipments.of(job).stream()
                .filter(each -> each.outcome().isPresent())
                .findFirst()
                .map(each -> sheets.load(each.id()));
        String note = rule.note().write(sheet(gone, job, document.moment()), UnaryOperator.identity());
        String before = rules.of(job.id());
        return new Tried(
                outcome.holds(),
                outcome.why(),
                before,
                document.status().isBlank() ? before : document.status().strip(),
                note);
    }
}
