package nobrec.core.intake;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderLayout;
import nobrec.core.layout.RowShape;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.wordbook.SourceWords;

/** A layout with all that work orders say, so that they can be written as texts, changed there and read back. */
final class AllFields {

    static final LayoutNotation USUAL =
            new LayoutNotation(DayText.Order.MONTH_FIRST, WeightUnit.POUND, LengthUnit.INCH, DecimalMark.POINT, "");

    /** Words in the texts are our own already. */
    static final SourceWords AS_THEY_ARE = (kind, word) -> Optional.of(word);

    private static final Set<OrderField> LEFT_OUT = EnumSet.of(
            OrderField.ORDER_NUMBER,
            OrderField.STATUS,
            OrderField.CUSTOM,
            OrderField.UNIT_LENGTH,
            OrderField.UNIT_WIDTH,
            OrderField.UNIT_HEIGHT);

    private AllFields() {}

    static OrderLayout layout(LayoutNotation notation, List<WorkOrderDraft> orders) {
        Map<FieldTarget, String> columns = new HashMap<>();
        for (OrderField field : OrderField.values()) {
            if (!LEFT_OUT.contains(field) && field != OrderField.LINE_CUSTOM) {
                columns.put(FieldTarget.of(field), field.name());
            }
        }
        columns.put(FieldTarget.of(OrderField.ORDER_NUMBER), OrderField.ORDER_NUMBER.name());
        Set<String> customs = new TreeSet<>();
        Set<String> lineCustoms = new TreeSet<>();
        orders.forEach(order -> {
            customs.addAll(order.particulars().custom().keySet());
            order.lines().forEach(line -> lineCustoms.addAll(line.custom().keySet()));
        });
        customs.forEach(name -> columns.put(FieldTarget.custom(name), "CUSTOM " + name));
        lineCustoms.forEach(
                name -> columns.put(new FieldTarget(OrderField.LINE_CUSTOM, name, 1), "LINE_CUSTOM " + name));
        return new OrderLayout("all fields", RowShape.LINE_A_ROW, columns, Map.of(), notation);
    }
}
