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
import nobrec.server.platform.money.ShopMoney;
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
        @Nullable Length unitLength,
        @Nullable Length unitWidth,
        @Nullable Length unitHeight,
        @Nullable Money unitValue,
        String hsCode,
        String origin,
        @Nullable GoodsClass goodsClass,
        @Nullable String freightClass,
        String customsDescription,
        boolean thisSideUp,
        boolean nothingOnTop,
        boolean alone,
        String lots,
        @Nullable String custom,
        @Nullable String shipTo,
        String fromItem) {

    static WorkOrderLineRow of(long workOrderId, WorkOrder.Line line, ShopMoney money) {
        LineGoods goods = line.goods();
        Handling handling = line.handling();
        return new WorkOrderLineRow(
                line.id(),
                workOrderId,
                line.position(),
                line.item(),
                line.description(),
                line.quantityOrdered(),
                line.quantityReady().orElse(null),
                line.quantityTaken(),
                line.quantityShipped(),
                line.unitWeight().orElse(null),
                line.unitSize().map(Size::length).orElse(null),
                line.unitSize().map(Size::width).orElse(null),
                line.unitSize().map(Size::height).orElse(null),
                goods.unitValueCents().map(money::ofCents).orElse(null),
                goods.hsCode(),
                goods.origin(),
                goods.goodsClass().orElse(null),
                goods.freightClass().map(FreightClass::toString).orElse(null),
                goods.customsDescription(),
                handling.thisSideUp(),
                handling.nothingOnTop(),
                handling.alone(),
                LotText.write(line.lots()),
                RecordTexts.write(line.custom()),
                line.shipTo().map(RecordTexts::write).orElse(null),
                line.fromItem().stream().sorted().map(Enum::name).collect(Collectors.joining(",")));
    }

    WorkOrder.Line line() {
        Optional<Size> size = unitLength == null || unitWidth == null || unitHeight == null
                ? Optional.empty()
                : Optional.of(new Size(unitLength, unitWidth, unitHeight));
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
                        Optional.ofNullable(freightClass).flatMap(FreightClass::read),
                        customsDescription),
                RecordTexts.fields(custom),
                shipTo == null ? Optional.empty() : Optional.of(RecordTexts.address(shipTo)),
                fromItem.isEmpty()
                        ? Set.of()
                        : Arrays.stream(fromItem.split(","))
                                .map(LineFact::valueOf)
                                .collect(Collectors.toSet()));
    }
}
