package nobrec.core.intake;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderField.Part;
import nobrec.core.layout.OrderLayout;
import nobrec.core.layout.RowShape;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.wordbook.SourceWords;

/**
 * What changed in a work order at its source, field by field, beside what stands here. Compared and merged in the texts of one
 * layout, which reads back what it writes.
 */
public final class OrderComparison {

    /** The key of all lines together: pieces, items, weights. */
    public static final String LINES = "LINES";

    private static final Set<OrderField> LEFT_OUT = EnumSet.of(
            OrderField.ORDER_NUMBER,
            OrderField.STATUS,
            OrderField.CUSTOM,
            OrderField.UNIT_LENGTH,
            OrderField.UNIT_WIDTH,
            OrderField.UNIT_HEIGHT);

    /** Words in the texts are our own already. */
    private static final SourceWords AS_THEY_ARE = (kind, word) -> Optional.of(word);

    /**
     * One thing that is otherwise there than it was.
     *
     * @param key by which it is taken over
     * @param before what the source said when it was taken
     * @param now what it says now
     * @param ours what stands here
     */
    public record Difference(String key, String label, String before, String now, String ours) {}

    private OrderComparison() {}

    /** What the source says otherwise than before; not what is as it says here already. */
    public static List<Difference> of(WorkOrderDraft before, WorkOrderDraft now, WorkOrderDraft ours) {
        OrderLayout layout = layout(before, now, ours);
        OrderWriter writer = new OrderWriter(layout);
        List<String> old = writer.rows(before).get(0);
        List<String> fresh = writer.rows(now).get(0);
        List<String> here = writer.rows(ours).get(0);
        List<Difference> differences = new ArrayList<>();
        List<FieldTarget> targets = writer.targets();
        for (int at = 0; at < targets.size(); at++) {
            FieldTarget target = targets.get(at);
            boolean head = target.field().part() == Part.HEAD;
            if (head && !old.get(at).equals(fresh.get(at)) && !fresh.get(at).equals(here.get(at))) {
                differences.add(new Difference(
                        key(target), target.label(layout.shape()), old.get(at), fresh.get(at), here.get(at)));
            }
        }
        String linesNow = lines(now);
        if (!lines(before).equals(linesNow) && !linesNow.equals(lines(ours))) {
            differences.add(new Difference(LINES, "Lines", lines(before), linesNow, lines(ours)));
        }
        return differences;
    }

    /** Ours with the chosen fields as the source has them now. */
    public static WorkOrderDraft merge(WorkOrderDraft ours, WorkOrderDraft now, Set<String> keys) {
        OrderLayout layout = layout(ours, now, now);
        OrderWriter writer = new OrderWriter(layout);
        List<String> fresh = writer.rows(now).get(0);
        List<OrderReader.Row> rows = new ArrayList<>();
        for (List<String> row : writer.rows(ours)) {
            List<String> cells = new ArrayList<>(row);
            for (int at = 0; at < cells.size(); at++) {
                FieldTarget target = writer.targets().get(at);
                if (target.field().part() == Part.HEAD && keys.contains(key(target))) {
                    cells.set(at, fresh.get(at));
                }
            }
            rows.add(new OrderReader.Row(rows.size() + 1, cells));
        }
        WorkOrderDraft merged = OrderReader.read(
                        BoundLayout.of(layout, writer.header(), AS_THEY_ARE, OrderDefaults.NONE), rows)
                .orders()
                .get(0);
        return keys.contains(LINES) ? merged.with(now.lines(), now.openWords()) : merged;
    }

    private static String key(FieldTarget target) {
        return target.field().isCustom()
                ? target.field() + ":" + target.custom()
                : target.field().name();
    }

    /** {@code 6 × SK-2, Seal kit, Unit Wt lb 0.3; 4 × BU-100, Bushing}. */
    private static String lines(WorkOrderDraft order) {
        OrderWriter writer = new OrderWriter(layout(order, order, order));
        List<String> texts = new ArrayList<>();
        for (List<String> row : writer.rows(order)) {
            String pieces = "";
            List<String> parts = new ArrayList<>();
            for (int at = 0; at < row.size(); at++) {
                FieldTarget target = writer.targets().get(at);
                if (target.field() == OrderField.QUANTITY) {
                    pieces = row.get(at) + " × ";
                } else if (target.field().part() == Part.LINE && !row.get(at).isEmpty()) {
                    boolean plain = target.field() == OrderField.ITEM || target.field() == OrderField.DESCRIPTION;
                    parts.add(plain ? row.get(at) : writer.header().get(at) + " " + row.get(at));
                }
            }
            texts.add(pieces + String.join(", ", parts));
        }
        return String.join("; ", texts);
    }

    private static OrderLayout layout(WorkOrderDraft one, WorkOrderDraft other, WorkOrderDraft third) {
        Map<FieldTarget, String> columns = new HashMap<>();
        for (OrderField field : OrderField.values()) {
            if (!LEFT_OUT.contains(field) && field != OrderField.LINE_CUSTOM) {
                columns.put(FieldTarget.of(field), field.name());
            }
        }
        columns.put(FieldTarget.of(OrderField.ORDER_NUMBER), OrderField.ORDER_NUMBER.name());
        Set<String> customs = new TreeSet<>();
        Set<String> lineCustoms = new TreeSet<>();
        Stream.of(one, other, third).forEach(order -> {
            customs.addAll(order.particulars().custom().keySet());
            order.lines().forEach(line -> lineCustoms.addAll(line.custom().keySet()));
        });
        customs.forEach(name -> columns.put(FieldTarget.custom(name), "CUSTOM " + name));
        lineCustoms.forEach(
                name -> columns.put(new FieldTarget(OrderField.LINE_CUSTOM, name, 1), "LINE_CUSTOM " + name));
        return new OrderLayout(
                "all fields",
                RowShape.LINE_A_ROW,
                columns,
                Map.of(),
                new LayoutNotation(
                        DayText.Order.MONTH_FIRST, WeightUnit.POUND, LengthUnit.INCH, DecimalMark.POINT, ""));
    }
}
