package nobrec.server.workorder;

import java.util.Collection;
import java.util.List;
import java.util.stream.IntStream;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.platform.mapping.RowBatch;
import nobrec.server.platform.money.ShopMoney;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lines of work orders, as far as their items tell what their records lack. */
@Service
public class LineItems {

    private final LineItemMapper mapper;
    private final StoredOrders orders;
    private final KnownItems items;
    private final ChangedOrders changes;
    private final RowBatch batch;
    private final ShopMoney money;

    LineItems(
            LineItemMapper mapper,
            StoredOrders orders,
            KnownItems items,
            ChangedOrders changes,
            RowBatch batch,
            ShopMoney money) {
        this.mapper = mapper;
        this.orders = orders;
        this.items = items;
        this.changes = changes;
        this.batch = batch;
        this.money = money;
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
        List<WorkOrder.Line> lines = filled.unkept(job.source()).lines();
        List<WorkOrderLineRow> changed = IntStream.range(0, lines.size())
                .filter(at -> job.lines().get(at).quantityOpen() > 0)
                .mapToObj(at -> WorkOrderLineRow.of(orderId, lines.get(at), money))
                .toList();
        batch.forEach(LineItemMapper.class, changed, LineItemMapper::updateFacts);
        changes.of(orderId);
    }
}
