package nobrec.server.workorder;

import java.util.Optional;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;

/** A row of table work_order_line. */
record WorkOrderLineRow(
        long id,
        long workOrderId,
        int position,
        String item,
        String description,
        int quantityOrdered,
        int quantityShipped,
        Weight unitWeight,
        Length unitLength,
        Length unitWidth,
        Length unitHeight) {

    static WorkOrderLineRow of(long workOrderId, int position, WorkOrderDraft.Line line) {
        return new WorkOrderLineRow(
                0,
                workOrderId,
                position,
                line.item(),
                line.description(),
                line.quantity(),
                0,
                line.unitWeight().orElse(null),
                line.unitSize().map(Size::length).orElse(null),
                line.unitSize().map(Size::width).orElse(null),
                line.unitSize().map(Size::height).orElse(null));
    }

    WorkOrder.Line line() {
        Optional<Size> size =
                unitLength == null ? Optional.empty() : Optional.of(new Size(unitLength, unitWidth, unitHeight));
        return new WorkOrder.Line(
                id,
                position,
                item,
                description,
                quantityOrdered,
                quantityShipped,
                Optional.ofNullable(unitWeight),
                size);
    }
}
