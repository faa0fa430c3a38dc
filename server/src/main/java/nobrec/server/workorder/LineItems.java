package nobrec.server.workorder;

import java.util.Collection;
import java.util.List;
import java.util.stream.IntStream;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.platform.mapping.RowsAsJson;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lines of work orders, as far as their items tell what their records lack. */
@Service
public class LineItems {

    private final LineItemMapper mapper;
    private final StoredOrders orders;
    private final KnownItems items;
    private final Rulings rulings;
    private final RowsAsJson rowsAsJson;

    LineItems(LineItemMapper mapper, StoredOrders orders, KnownItems items, Rulings rulings, RowsAsJson rowsAsJson) {
        this.mapper = mapper;
        this.orders = orders;
        this.items = items;
        this.rulings = rulings;
        this.rowsAsJson = rowsAsJson;
    }

    /** The first of the work orders after an id that have not left and have lines of these items. */
    public List<Long> openOrdersWith(Collection<String> numbers, long afterId, int limit) {
        return numbers.isEmpty() ? List.of() : mapper.openOrdersWith(numbers, afterId, limit);
    }

    /** Lines of a work order take from their items what counts there now. */
    @Transactional
    public void refill(long orderId) {
        mapper.lock(orderId);
        WorkOrder job = orders.byId(orderId);
        WorkOrderDraft recorded = WorkOrderDraft.of(job).waitingFor(mapper.openWords(orderId));
        WorkOrderDraft filled = recorded.filledFrom(
                items.of(job.lines().stream().map(WorkOrder.Line::item).toList()));
        List<LineColumns.NewLine> changed = IntStream.range(0, job.lines().size())
                .filter(at -> job.lines().get(at).quantityOpen() > 0)
                .mapToObj(at -> new LineColumns.NewLine(
                        orderId, job.lines().get(at).position(), filled.lines().get(at)))
                .toList();
        rowsAsJson.forPortions(changed, LineColumns::write, mapper::updateFacts);
        rulings.again(orderId);
    }
}
