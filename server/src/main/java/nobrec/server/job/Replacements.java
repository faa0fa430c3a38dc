package nobrec.server.job;

import java.time.Clock;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.charging.FreightTerms;
import nobrec.core.intake.OrderCorrection;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.layout.OrderField;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.core.returns.ReturnReason;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.posting.InvoiceOfJob;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Jobs that replace pieces of another one: to the same place, with a number made of its number. Where the customer pays for one, the
 * freight comes onto the invoice of the job it replaces.
 */
@Service
class Replacements implements InvoiceOfJob {

    private static final Set<OrderField> NOT_TAKEN_OVER = EnumSet.of(
            OrderField.ORDER_NUMBER,
            OrderField.PROMISE_DATE,
            OrderField.QUOTED_FREIGHT,
            OrderField.HOLD,
            OrderField.TERMS,
            OrderField.QUANTITY,
            OrderField.QUANTITY_READY,
            OrderField.LOTS);

    private static final int MOST = 50;

    /** Pieces of a line of the job, by its position. */
    record Pieces(int position, int quantity) {}

    private final ReplacementMapper mapper;
    private final NewJobs newJobs;
    private final WorkOrders workOrders;
    private final JobFields fields;
    private final TransactionOperations transactions;
    private final Clock clock;

    Replacements(
            ReplacementMapper mapper,
            NewJobs newJobs,
            WorkOrders workOrders,
            JobFields fields,
            TransactionOperations transactions,
            Clock clock) {
        this.mapper = mapper;
        this.newJobs = newJobs;
        this.workOrders = workOrders;
        this.fields = fields;
        this.transactions = transactions;
        this.clock = clock;
    }

    /** The job that a job replaces pieces of. */
    Optional<ReplacementRow> replacedBy(long workOrderId) {
        return mapper.byReplacement(workOrderId);
    }

    List<ReplacementRow> of(long workOrderId) {
        return mapper.of(workOrderId);
    }

    @Override
    public Optional<String> invoiceOf(String job) {
        return workOrders
                .find(job)
                .filter(WorkOrder::isTyped)
                .flatMap(each -> mapper.byReplacement(each.id()))
                .map(row -> workOrders.recorded(row.replacesId()))
                .filter(replaced -> !replaced.isTyped())
                .map(WorkOrder::number);
    }

    /**
     * @param billed whether the customer pays its freight
     * @return the number of the new job
     */
    String replace(String number, List<Pieces> pieces, ReturnReason reason, boolean billed, String signIn) {
        WorkOrder job = workOrders.recorded(workOrders.idOf(number));
        OrderCorrection.Texts texts = fields.correction().texts(WorkOrderDraft.of(job));
        Map<OrderField, String> head = taken(OrderField.Part.HEAD, 0, texts);
        head.put(OrderField.TERMS, (billed ? FreightTerms.PREPAID_AND_BILLED : FreightTerms.PREPAID).words());
        List<Map<OrderField, String>> lines = lines(job, pieces, texts);
        return transactions.execute(status -> {
            workOrders.locked(job.id());
            String free = freeNumber(job);
            newJobs.add(free, false, head, lines, signIn);
            mapper.insert(new ReplacementRow(
                    workOrders.idOf(free), free, job.id(), job.number(), reason, signIn, clock.instant()));
            return free;
        });
    }

    private List<Map<OrderField, String>> lines(WorkOrder job, List<Pieces> pieces, OrderCorrection.Texts texts) {
        Map<Integer, Integer> asked = pieces.stream()
                .filter(each -> each.quantity() > 0)
                .collect(Collectors.toMap(Pieces::position, Pieces::quantity, Integer::sum));
        List<Map<OrderField, String>> lines = new ArrayList<>();
        for (WorkOrder.Line line : job.lines()) {
            Integer quantity = asked.remove(line.position());
            if (quantity != null) {
                if (quantity > line.quantityShipped()) {
                    throw Refusal.unusable(
                            line.item(),
                            "Of it " + line.quantityShipped() + " pieces have left, so " + quantity
                                    + " cannot be replaced.",
                            "Replace fewer; what has not left goes with the job itself.");
                }
                Map<OrderField, String> taken = taken(OrderField.Part.LINE, line.position(), texts);
                taken.put(OrderField.QUANTITY, String.valueOf(quantity));
                lines.add(taken);
            }
        }
        if (!asked.isEmpty()) {
            throw Refusal.unusable(
                    "Line " + asked.keySet().iterator().next(), "The job has no such line.", "Reload the page.");
        }
        if (lines.isEmpty()) {
            throw Refusal.unusable("The replacement", "Nothing would go by it.", "Say how many pieces are replaced.");
        }
        return lines;
    }

    private static Map<OrderField, String> taken(OrderField.Part part, int line, OrderCorrection.Texts texts) {
        Map<OrderField, String> taken = new EnumMap<>(OrderField.class);
        for (OrderField field : OrderField.values()) {
            if (field.part() == part && OrderCorrection.isOurs(field) && !NOT_TAKEN_OVER.contains(field)) {
                String text = texts.of(field, line);
                if (!text.isEmpty()) {
                    taken.put(field, text);
                }
            }
        }
        return taken;
    }

    private String freeNumber(WorkOrder job) {
        for (int count = 1; count <= MOST; count++) {
            String number = job.number() + "-R" + count;
            if (number.length() <= Limits.TEXT && workOrders.find(number).isEmpty()) {
                return number;
            }
        }
        throw Refusal.conflict(
                "Job " + job.number(), "No number is free for one more replacement.", "Type it as a job of its own.");
    }
}
