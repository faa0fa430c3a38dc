package nobrec.server.workorder;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.address.PostalAddress;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.server.platform.problem.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The work orders, however they came in. */
@Service
public class WorkOrders {

    /** Departures looks at the most urgent of these; more are not shown on one screen. */
    private static final int MOST_OPEN = 500;

    private final WorkOrderMapper mapper;
    private final Clock clock;

    WorkOrders(WorkOrderMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /**
     * Takes a work order in, unless its number is there already.
     *
     * @return whether it was new
     */
    @Transactional
    public boolean takeIn(String source, long importRunId, WorkOrderDraft draft) {
        NewWorkOrder row = new NewWorkOrder(source, importRunId, draft, clock.instant());
        if (mapper.insertIfNew(row) == 0) {
            return false;
        }
        List<WorkOrderLineRow> lines = new ArrayList<>();
        for (WorkOrderDraft.Line line : draft.lines()) {
            lines.add(WorkOrderLineRow.of(row.getId(), lines.size() + 1, line));
        }
        mapper.insertLines(lines);
        return true;
    }

    public Optional<WorkOrder> find(String number) {
        return mapper.byNumber(number).map(row -> row.workOrder(mapper.linesOf(List.of(row.id()))));
    }

    public WorkOrder byNumber(String number) {
        return find(number).orElseThrow(() -> unknown(number));
    }

    /** The id of a job's record. */
    public long idOf(String number) {
        return mapper.idOf(number).orElseThrow(() -> unknown(number));
    }

    private static Refusal unknown(String number) {
        return Refusal.notFound("Job " + number, "Look for it on Jobs, or bring its record in.");
    }

    public WorkOrder byId(long id) {
        return mapper.byId(id)
                .map(row -> row.workOrder(mapper.linesOf(List.of(row.id()))))
                .orElseThrow(() -> Refusal.notFound("Job " + id, "Look for it on Jobs."));
    }

    /** Those with these ids, in the order given. */
    public List<WorkOrder> byIds(List<Long> ids) {
        Map<Long, WorkOrder> found =
                withLines(mapper.byIds(ids)).stream().collect(Collectors.toMap(WorkOrder::id, job -> job));
        return ids.stream().map(found::get).toList();
    }

    /** Those not shipped yet, the earliest promise first. */
    public List<WorkOrder> notShipped() {
        return withLines(mapper.notShipped(MOST_OPEN));
    }

    private List<WorkOrder> withLines(List<WorkOrderRow> rows) {
        if (rows.isEmpty()) {
            return List.of();
        }
        Map<Long, List<WorkOrderLineRow>> lines = mapper
                .linesOf(rows.stream().map(WorkOrderRow::id).toList())
                .stream()
                .collect(Collectors.groupingBy(WorkOrderLineRow::workOrderId));
        return rows.stream()
                .map(row -> row.workOrder(lines.getOrDefault(row.id(), List.of())))
                .toList();
    }

    /** The work order as it is once its row is locked: nobody else opens or ships it until the transaction ends. */
    public WorkOrder locked(long id) {
        mapper.lock(id);
        return byId(id);
    }

    /** It is off the bench again, and nothing of it is being packed. */
    public void takeOffBench(long id) {
        mapper.updateStatus(id, WorkOrderStatus.READY);
    }

    public void putOnBench(long id) {
        mapper.updateStatus(id, WorkOrderStatus.ON_BENCH);
    }

    /**
     * Pieces of it have left. When all have, the work order is shipped; else it is ready for the rest.
     *
     * @param pieces by line id
     */
    @Transactional
    public void markShipped(long id, Map<Long, Integer> pieces) {
        mapper.shipLines(pieces);
        mapper.updateStatusAfterShipping(id);
    }

    public void correctCarrierAccount(long id, String account) {
        mapper.updateCarrierAccount(id, account);
    }

    public void correctPhone(long id, String phone) {
        mapper.updatePhone(id, phone);
    }

    public void correctShipTo(long id, PostalAddress shipTo) {
        mapper.updateShipTo(id, shipTo);
    }

    List<WorkOrderListRow> page(WorkOrderStatus status, String text, Long beforeId, int limit) {
        return mapper.page(status, literally(text), beforeId, limit);
    }

    /** A text to be found as it stands, though LIKE has a meaning for some of its signs. */
    private static String literally(String text) {
        return text.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_");
    }
}
