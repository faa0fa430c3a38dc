package nobrec.core.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderField.Part;
import nobrec.core.layout.OrderLayout;

/**
 * What changed in a work order at its source, field by field, beside what stands here. Compared and merged in the texts of one
 * layout, which reads back what it writes.
 */
public final class OrderComparison {

    /** The key of all lines together: pieces, items, weights. */
    public static final String LINES = "LINES";

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
        OrderLayout layout = AllFields.layout(AllFields.USUAL, List.of(before, now, ours));
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
        OrderLayout layout = AllFields.layout(AllFields.USUAL, List.of(ours, now));
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
                        BoundLayout.of(layout, writer.header(), AllFields.AS_THEY_ARE, OrderDefaults.NONE), rows)
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
        OrderWriter writer = new OrderWriter(AllFields.layout(AllFields.USUAL, List.of(order)));
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
}
