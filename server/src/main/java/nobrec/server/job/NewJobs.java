package nobrec.server.job;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.layout.OrderField;
import nobrec.core.notation.Reading;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.account.Accounts;
import nobrec.server.audit.AuditLog;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrderIntake;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Jobs typed in by hand: a walk-in, a sample, a replacement. */
@Service
public class NewJobs {

    private static final int TRIES = 5;

    private final WorkOrders workOrders;
    private final WorkOrderIntake intake;
    private final JobFields fields;
    private final Accounts accounts;
    private final Sites sites;
    private final AuditLog auditLog;
    private final TransactionOperations transactions;

    NewJobs(
            WorkOrders workOrders,
            WorkOrderIntake intake,
            JobFields fields,
            Accounts accounts,
            Sites sites,
            AuditLog auditLog,
            TransactionOperations transactions) {
        this.workOrders = workOrders;
        this.intake = intake;
        this.fields = fields;
        this.accounts = accounts;
        this.sites = sites;
        this.auditLog = auditLog;
        this.transactions = transactions;
    }

    /** The number that the next job gets that is given none. */
    String nextNumber() {
        return WorkOrder.TYPED_PREFIX + (workOrders.lastTyped() + 1);
    }

    /**
     * @param number empty text for the next free one
     * @param request whether only its price is asked
     * @return its number
     */
    public String add(
            String number,
            boolean request,
            Map<OrderField, String> head,
            List<Map<OrderField, String>> lines,
            String signIn) {
        List<Site> looked = accounts.sitesOf(signIn);
        if (looked.size() == 1 && !looked.get(0).equals(sites.home())) {
            head.putIfAbsent(OrderField.SITE, looked.get(0).code());
        }
        if (!number.isBlank()) {
            return added(number.strip(), request, head, lines, signIn)
                    .orElseThrow(() -> Refusal.conflict(
                            "Job " + number.strip(),
                            "There is a job with this number.",
                            "Give it another, or leave the number empty for the next free one."));
        }
        // Two at once ask for the same number: one of them gets the next.
        for (int left = TRIES; left > 0; left--) {
            Optional<String> added = added(nextNumber(), request, head, lines, signIn);
            if (added.isPresent()) {
                return added.get();
            }
        }
        throw Refusal.conflict("The job", "Others take every number at this moment.", "Try again.");
    }

    private Optional<String> added(
            String number,
            boolean request,
            Map<OrderField, String> head,
            List<Map<OrderField, String>> lines,
            String signIn) {
        Reading<WorkOrderDraft> reading = fields.correction().typed(number, head, lines);
        if (reading instanceof Reading.Refused<WorkOrderDraft> refused) {
            throw Refusal.unusable("Job " + number, refused.reason(), refused.remedy());
        }
        WorkOrderDraft draft = reading.found().orElseThrow();
        if (draft.lines().isEmpty()) {
            throw Refusal.unusable("Job " + number, "It has no line.", "Add what is to be shipped.");
        }
        return transactions.execute(status -> {
            if (workOrders.find(number).isPresent() || intake.takeIn(WorkOrder.TYPED, null, List.of(draft)) == 0) {
                return Optional.empty();
            }
            if (request) {
                workOrders.makeRequest(number);
            }
            auditLog.write(
                    signIn,
                    request ? "typed a request" : "typed a job",
                    "Job " + number,
                    draft.shipTo().name());
            return Optional.of(number);
        });
    }
}
