package nobrec.server.workorder;

import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.item.FreightClass;
import nobrec.core.item.GoodsClass;
import nobrec.core.item.Handling;
import nobrec.core.item.LineFact;
import nobrec.core.item.LineGoods;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.platform.LotText;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/** A row of table work_order_line. */
record WorkOrderLineRow(
        long id,
        long workOrderId,
        int position,
        String item,
        String description,
        int quantityOrdered,
        @Nullable Integer quantityReady,
        int quantityTaken,
        int quantityShipped,
        @Nullable Weight unitWeight,
        Length unitLength,
        Length unitWidth,
        Length unitHeight,
        @Nullable Money unitValue,
        String hsCode,
        String origin,
        @Nullable GoodsClass goodsClass,
        @Nullable String freightClass,
        boolean thisSideUp,
        boolean nothingOnTop,
        boolean alone,
        String lots,
        @Nullable String custom,
        String fromItem) {

    WorkOrder.Line line() {
        Optional<Size> size =
                unitLength == null ? Optional.empty() : Optional.of(new Size(unitLength, unitWidth, unitHeight));
        return new WorkOrder.Line(
                id,
                position,
                item,
                description,
                quantityOrdered,
                Optional.ofNullable(quantityReady),
                quantityTaken,
                quantityShipped,
                Optional.ofNullable(unitWeight),
                size,
                new Handling(thisSideUp, nothingOnTop, alone),
                LotText.read(lots),
                new LineGoods(
                        Optional.ofNullable(unitValue).map(Money::getAmountMinorLong),
                        hsCode,
                        origin,
                        Optional.ofNullable(goodsClass),
                        Optional.ofNullable(freightClass).flatMap(FreightClass::read)),
                RecordTexts.fields(custom),
                fromItem.isEmpty()
                        ? Set.of()
                        : Arrays.stream(fromItem.split(","))
                                .map(LineFact::valueOf)
                                .collect(Collectors.toSet()));
    }
}
