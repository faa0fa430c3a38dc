package nobrec.server.workorder;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.measure.Weight;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.UnknownWord;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.audit.AuditLog;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The work orders, however they came in. */
@Service
public class WorkOrders {

    /** Departures looks at the most urgent of these; more are not shown on one screen. */
    private static final int MAX_OPEN = 500;

    private final WorkOrderMapper mapper;
    private final AuditLog auditLog;

    WorkOrders(WorkOrderMapper mapper, AuditLog auditLog) {
        this.mapper = mapper;
        this.auditLog = auditLog;
    }

    public Optional<WorkOrder> find(String number) {
        return mapper.byNumber(number).map(row -> withLines(List.of(row)).get(0));
    }

    public WorkOrder byNumber(String number) {
        return find(number).orElseThrow(() -> unknown(number));
    }

    /** The one job that goes by this number, case and accents aside, or by this purchase order of its customer. */
    public Optional<String> numberLike(String text) {
        return only(mapper.likeNumber(text))
                .or(() -> text.isEmpty() ? Optional.empty() : only(mapper.ofCustomerPo(text)));
    }

    private static Optional<String> only(List<String> numbers) {
        return numbers.size() == 1 ? Optional.of(numbers.get(0)) : Optional.empty();
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
                .map(row -> withLines(List.of(row)).get(0))
                .orElseThrow(() -> Refusal.notFound("Job " + id, "Look for it on Jobs."));
    }

    /** Those with these ids, in the order given. */
    public List<WorkOrder> byIds(List<Long> ids) {
        Map<Long, WorkOrder> found =
                withLines(mapper.byIds(ids)).stream().collect(Collectors.toMap(WorkOrder::id, job -> job));
        return ids.stream().map(found::get).toList();
    }

    /** Ids of the work orders that lines are of. */
    public List<Long> idsOfLines(Collection<Long> lineIds) {
        return lineIds.isEmpty() ? List.of() : mapper.idsOfLines(lineIds);
    }

    /** Those of the numbers that have come in from a source. */
    public Set<String> numbersHere(String source, Collection<String> numbers) {
        return numbers.isEmpty() ? Set.of() : Set.copyOf(mapper.numbersHere(source, numbers));
    }

    /** Those not shipped yet, the earliest promise first, those without one last. */
    public List<OpenOrder> notShipped() {
        List<OpenOrder> promised =
                mapper.promised(MAX_OPEN).stream().map(OpenOrderRow::order).toList();
        if (promised.size() == MAX_OPEN) {
            return promised;
        }
        List<OpenOrder> all = new ArrayList<>(promised);
        mapper.withoutPromise(MAX_OPEN - promised.size()).forEach(row -> all.add(row.order()));
        return all;
    }

    /** What the records say each of them weighs, by id; one of which a weight is missing is not in it. */
    public Map<Long, Weight> weights(Collection<Long> ids) {
        if (ids.isEmpty()) {
            return Map.of();
        }
        return mapper.weights(ids).stream()
                .filter(row -> row.weight() != null)
                .collect(Collectors.toMap(OrderWeightRow::id, OrderWeightRow::weight));
    }

    private Map<Long, List<UnknownWord>> unknownWords(List<WorkOrderRow> rows) {
        List<Long> ids = rows.stream()
                .filter(WorkOrderRow::wordsOpen)
                .map(WorkOrderRow::id)
                .toList();
        if (ids.isEmpty()) {
            return Map.of();
        }
        return mapper.wordsOf(ids).stream()
                .collect(Collectors.groupingBy(
                        UnknownWordRow::workOrderId, Collectors.mapping(UnknownWordRow::word, Collectors.toList())));
    }

    private List<WorkOrder> withLines(List<WorkOrderRow> rows) {
        if (rows.isEmpty()) {
            return List.of();
        }
        List<Long> ids = rows.stream().map(WorkOrderRow::id).toList();
        Map<Long, List<WorkOrderLineRow>> lines =
                mapper.linesOf(ids).stream().collect(Collectors.groupingBy(WorkOrderLineRow::workOrderId));
        Map<Long, List<UnknownWord>> words = unknownWords(rows);
        return rows.stream()
                .map(row ->
                        row.workOrder(lines.getOrDefault(row.id(), List.of()), words.getOrDefault(row.id(), List.of())))
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
     * Pieces have left. A work order of which all have left is shipped; else it is ready for the rest.
     *
     * @param pieces by line id
     * @return the numbers of the work orders they are of
     */
    @Transactional
    public List<String> markShipped(Map<Long, Integer> pieces) {
        mapper.shipLines(pieces);
        List<LeftOfOrder> orders = mapper.leftOfOrders(pieces.keySet());
        orders.forEach(order -> mapper.updateStatus(order.id(), order.status()));
        return orders.stream().map(LeftOfOrder::number).toList();
    }

    /** It may go; why it was on hold stays in the log. */
    @Transactional
    void release(String number, String signIn) {
        WorkOrder job = locked(idOf(number));
        String hold = job.particulars().hold();
        if (hold.isEmpty()) {
            throw Refusal.conflict("Job " + number, "It is not on hold any more.", "Reload the page.");
        }
        mapper.updateHold(job.id(), "");
        auditLog.write(signIn, "released a job", "Job " + number, hold);
    }

    public void correctCarrierAccount(long id, String account) {
        mapper.updateCarrierAccount(id, account);
    }

    public void correctPhone(long id, String phone) {
        mapper.updatePhone(id, phone);
    }

    public void sayPlaceKind(long id, PlaceKind placeKind) {
        mapper.updatePlaceKind(id, placeKind);
    }

    public void correctShipTo(long id, PostalAddress shipTo) {
        mapper.updateShipTo(id, shipTo);
    }

    /**
     * Work orders of the list, whole.
     *
     * @param beforeId the part of the list before this id; null for its beginning
     */
    public List<WorkOrder> listed(@Nullable WorkOrderStatus status, String text, @Nullable Long beforeId, int limit) {
        List<Long> ids = mapper.page(status, literally(text), beforeId, limit).stream()
                .map(WorkOrderListRow::id)
                .toList();
        return ids.isEmpty() ? List.of() : byIds(ids);
    }

    List<WorkOrderListRow> page(@Nullable WorkOrderStatus status, String text, @Nullable Long beforeId, int limit) {
        return mapper.page(status, literally(text), beforeId, limit);
    }

    /** A text to be found as it stands, though LIKE has a meaning for some of its signs. */
    private static String literally(String text) {
        return text.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_");
    }
}
