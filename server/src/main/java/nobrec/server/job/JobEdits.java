package nobrec.server.job;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.intake.OrderCorrection;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.layout.OrderField;
import nobrec.core.notation.Reading;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.account.Accounts;
import nobrec.server.api.list.Outcome;
import nobrec.server.audit.AuditEntry;
import nobrec.server.audit.AuditLog;
import nobrec.server.shipment.Shipments;
import nobrec.server.shipment.ShopTime;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrderIntake;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Puts fields of jobs right by hand. */
@Service
public class JobEdits {

    private static final String ACT = "changed a job";
    private static final int LOOKED_BACK = 20;

    /**
     * A field as somebody typed it.
     *
     * @param line counted from one; zero for what is said of the whole job
     * @param before what stood there when they began; empty where it does not matter
     */
    public record Edit(OrderField field, int line, Optional<String> before, String text) {

        private OrderCorrection.Entry entry() {
            return new OrderCorrection.Entry(field, line, text);
        }
    }

    /** What of which job is put right. */
    record Target(String number, int line) {}

    private final WorkOrders workOrders;
    private final WorkOrderIntake intake;
    private final Shipments shipments;
    private final JobFields fields;
    private final Accounts accounts;
    private final Sites sites;
    private final AuditLog auditLog;
    private final TransactionOperations transactions;

    JobEdits(
            WorkOrders workOrders,
            WorkOrderIntake intake,
            Shipments shipments,
            JobFields fields,
            Accounts accounts,
            Sites sites,
            AuditLog auditLog,
            TransactionOperations transactions) {
        this.workOrders = workOrders;
        this.intake = intake;
        this.shipments = shipments;
        this.fields = fields;
        this.accounts = accounts;
        this.sites = sites;
        this.auditLog = auditLog;
        this.transactions = transactions;
    }

    /**
     * All of them or none.
     *
     * @throws Refusal where one cannot be read, or somebody else has changed it meanwhile
     */
    public void edit(String number, List<Edit> edits, String signIn) {
        transactions.executeWithoutResult(status -> {
            WorkOrder job = lockedForEdit(number);
            OrderCorrection correction = fields.correction();
            WorkOrderDraft ours = WorkOrderDraft.of(job);
            OrderCorrection.Texts texts = correction.texts(ours);
            requireUnchanged(job, edits, texts);
            List<OrderCorrection.Entry> entries =
                    edits.stream().map(Edit::entry).toList();
            WorkOrderDraft corrected = readOrRefuse(number, correction.of(ours, entries));
            intake.correct(job, corrected, entries);
            auditLog.write(signIn, ACT, thing(number), said(edits, texts));
        });
    }

    /** One value in a field of several jobs; those in which it is refused are left as they are. */
    List<Outcome> editAll(List<Target> targets, OrderField field, String text, String signIn) {
        return Outcome.ofEach(
                targets,
                Target::number,
                target ->
                        edit(target.number(), List.of(new Edit(field, target.line(), Optional.empty(), text)), signIn));
    }

    /** A shipment of it that is on its way is locked before the job, as everywhere. */
    private WorkOrder lockedForEdit(String number) {
        WorkOrder seen = workOrders.byNumber(number);
        shipments.openOf(seen).ifPresent(id -> shipments.lockedInOutline(id).requireOpen());
        WorkOrder job = workOrders.recordedLocked(seen.id());
        if (job.status() == WorkOrderStatus.SHIPPED) {
            throw Refusal.conflict(
                    thing(number), "It has left already.", "What went stays as it went; write a note instead.");
        }
        return job;
    }

    private void requireUnchanged(WorkOrder job, List<Edit> edits, OrderCorrection.Texts texts) {
        for (Edit edit : edits) {
            String now = OrderCorrection.isOurs(edit.field()) ? texts.of(edit.field(), edit.line()) : "";
            boolean same =
                    edit.before().map(before -> before.strip().equals(now)).orElse(true)
                            || edit.text().strip().equals(now);
            if (!same) {
                throw Refusal.changedSince(
                        edit.field().label() + " of job " + job.number(),
                        lastChange(job.number()) + " It says “" + now + "” now.",
                        "Look at it; save again to write yours over it.");
            }
        }
    }

    private String lastChange(String number) {
        return auditLog.of(List.of(thing(number)), LOOKED_BACK).stream()
                .filter(each -> !each.signIn().equals(AuditLog.BY_ITSELF))
                .findFirst()
                .map(this::sentence)
                .orElse("It has changed meanwhile.");
    }

    private String sentence(AuditEntry entry) {
        return accounts.displayName(entry.signIn()) + " changed it, " + ShopTime.show(entry.at(), sites.home()) + ".";
    }

    private static String said(List<Edit> edits, OrderCorrection.Texts texts) {
        return edits.stream()
                .map(each -> each.field().label() + (each.line() > 0 ? " of line " + each.line() : "") + ": “"
                        + texts.of(each.field(), each.line()) + "” is now “"
                        + each.text().strip() + "”")
                .collect(Collectors.joining("; "));
    }

    private static WorkOrderDraft readOrRefuse(String number, Reading<WorkOrderDraft> reading) {
        if (reading instanceof Reading.Refused<WorkOrderDraft> refused) {
            throw Refusal.unusable(thing(number), refused.reason(), refused.remedy());
        }
        return reading.found().orElseThrow();
    }

    private static String thing(String number) {
        return "Job " + number;
    }
}
