package nobrec.server.workorder;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.UnknownWord;
import nobrec.core.workorder.WorkOrder;
import org.springframework.stereotype.Component;

/** Work orders as their records say them, without what house rules make of them. */
@Component
class StoredOrders {

    private final WorkOrderMapper mapper;

    StoredOrders(WorkOrderMapper mapper) {
        this.mapper = mapper;
    }

    Optional<WorkOrder> find(String number) {
        return mapper.byNumber(number).map(row -> withLines(List.of(row)).get(0));
    }

    WorkOrder byId(long id) {
        return mapper.byId(id)
                .map(row -> withLines(List.of(row)).get(0))
                .orElseThrow(() -> Refusal.notFound("Job " + id, "Look for it on Jobs."));
    }

    /** Those with these ids, in the order given. */
    List<WorkOrder> byIds(Collection<Long> ids) {
        if (ids.isEmpty()) {
            return List.of();
        }
        Map<Long, WorkOrder> found =
                withLines(mapper.byIds(ids)).stream().collect(Collectors.toMap(WorkOrder::id, job -> job));
        return ids.stream().map(found::get).toList();
    }

    private List<WorkOrder> withLines(List<WorkOrderRow> rows) {
        List<Long> ids = rows.stream().map(WorkOrderRow::id).toList();
        Map<Long, List<WorkOrderLineRow>> lines =
                mapper.linesOf(ids).stream().collect(Collectors.groupingBy(WorkOrderLineRow::workOrderId));
        Map<Long, List<UnknownWord>> words = unknownWords(rows);
        return rows.stream()
                .map(row ->
                        row.workOrder(lines.getOrDefault(row.id(), List.of()), words.getOrDefault(row.id(), List.of())))
                .toList();
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
}
