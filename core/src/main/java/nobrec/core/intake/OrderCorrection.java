package nobrec.core.intake;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderField.Form;
import nobrec.core.layout.OrderField.Part;
import nobrec.core.layout.OrderLayout;
import nobrec.core.notation.Reading;
import nobrec.core.wordbook.KnownWords;
import nobrec.core.wordbook.WordKind;

/**
 * Fields of a work order put right by hand: each is read as if it came in a file, so that one rule counts for both. What the order
 * is, how many pieces of what were ordered, is its source's to say.
 */
public final class OrderCorrection {

    private static final Set<OrderField> NOT_OURS = EnumSet.of(
            OrderField.ORDER_NUMBER,
            OrderField.STATUS,
            OrderField.HOLD,
            OrderField.ORIGIN_SYSTEM,
            OrderField.ORIGIN_NUMBER,
            OrderField.ITEM,
            OrderField.QUANTITY,
            OrderField.LOTS,
            OrderField.UNIT_LENGTH,
            OrderField.UNIT_WIDTH,
            OrderField.UNIT_HEIGHT,
            OrderField.CUSTOM,
            OrderField.LINE_CUSTOM);

    private static final Map<OrderField, WordKind> KINDS = Map.of(
            OrderField.SERVICE, WordKind.SERVICE,
            OrderField.CARTON, WordKind.PACKAGE,
            OrderField.TERMS, WordKind.TERMS,
            OrderField.SITE, WordKind.SITE,
            OrderField.COUNTRY, WordKind.COUNTRY,
            OrderField.BILL_COUNTRY, WordKind.COUNTRY,
            OrderField.ORIGIN_SYSTEM, WordKind.SYSTEM);

    /** @param line counted from one; zero for what is said of the whole */
    public record Entry(OrderField field, int line, String text) {}

    private final LayoutNotation notation;
    private final KnownWords words;

    /** @param notation in which fields are shown and typed */
    public OrderCorrection(LayoutNotation notation, KnownWords words) {
        this.notation = notation;
        this.words = words;
    }

    /** Whether a person may put it right here. */
    public static boolean isOurs(OrderField field) {
        return !NOT_OURS.contains(field);
    }

    /** What stands in the fields of an order, each as it would be typed. */
    public static final class Texts {

        private final List<FieldTarget> targets;
        private final List<List<String>> rows;

        private Texts(OrderWriter writer, WorkOrderDraft order) {
            targets = writer.targets();
            rows = writer.rows(order);
        }

        /** @param line counted from one; zero for what is said of the whole */
        public String of(OrderField field, int line) {
            List<String> row = rows.get(Math.min(Math.max(line - 1, 0), rows.size() - 1));
            return CellText.plain(row.get(targets.indexOf(FieldTarget.of(field))));
        }
    }

    public Texts texts(WorkOrderDraft order) {
        return new Texts(new OrderWriter(AllFields.layout(notation, List.of(order))), order);
    }

    /** The order with these fields as they were typed, or what is wrong with the first that cannot be read. */
    public Reading<WorkOrderDraft> of(WorkOrderDraft order, List<Entry> entries) {
        OrderLayout layout = AllFields.layout(notation, List.of(order));
        OrderWriter writer = new OrderWriter(layout);
        List<List<String>> cells =
                new ArrayList<>(writer.rows(order).stream().map(ArrayList::new).toList());
        for (Entry entry : entries) {
            if (!isOurs(entry.field()) || isOfNoLine(entry, order)) {
                return Reading.refused(
                        entry.field().label() + " is not changed here.", "Change it where the job comes from.");
            }
            Optional<String> text = meaning(entry);
            if (text.isEmpty()) {
                return unknown(entry.field(), entry.text());
            }
            int column = writer.targets().indexOf(FieldTarget.of(entry.field()));
            for (int row = 0; row < cells.size(); row++) {
                if (entry.field().part() == Part.HEAD || row == entry.line() - 1) {
                    cells.get(row).set(column, SpreadsheetText.harmless(text.get()));
                }
            }
        }
        return read(layout, writer.header(), cells);
    }

    /**
     * A new order, typed: each text is read as if it came in a file.
     *
     * @param head what is said of the whole
     * @param lines what is said of each line
     */
    public Reading<WorkOrderDraft> typed(
            String number, Map<OrderField, String> head, List<Map<OrderField, String>> lines) {
        OrderLayout layout = AllFields.layout(notation, List.of());
        OrderWriter writer = new OrderWriter(layout);
        List<List<String>> cells = new ArrayList<>();
        for (Map<OrderField, String> line : lines.isEmpty() ? List.of(Map.<OrderField, String>of()) : lines) {
            List<String> row = new ArrayList<>();
            for (FieldTarget target : writer.targets()) {
                OrderField field = target.field();
                String text = field == OrderField.ORDER_NUMBER
                        ? number
                        : head.getOrDefault(field, line.getOrDefault(field, "")).strip();
                Optional<String> meaning = meaning(new Entry(field, 0, text));
                if (meaning.isEmpty()) {
                    return unknown(field, text);
                }
                row.add(SpreadsheetText.harmless(meaning.get()));
            }
            cells.add(row);
        }
        return read(layout, writer.header(), cells);
    }

    private static Reading<WorkOrderDraft> unknown(OrderField field, String text) {
        return Reading.refused(
                "“" + text.strip() + "” is no " + field.label().toLowerCase(Locale.ROOT) + " that is known here.",
                "Choose one of those proposed.");
    }

    private static boolean isOfNoLine(Entry entry, WorkOrderDraft order) {
        return entry.field().part() == Part.LINE
                && (entry.line() < 1 || entry.line() > order.lines().size());
    }

    private Optional<String> meaning(Entry entry) {
        String text = entry.text().strip();
        return entry.field().form() != Form.WORD || text.isEmpty()
                ? Optional.of(text)
                : Optional.ofNullable(KINDS.get(entry.field())).flatMap(kind -> words.meaning(kind, text));
    }

    private static Reading<WorkOrderDraft> read(OrderLayout layout, List<String> header, List<List<String>> cells) {
        List<OrderReader.Row> rows = new ArrayList<>();
        cells.forEach(row -> rows.add(new OrderReader.Row(rows.size() + 2, row)));
        OrderReader.Result result =
                OrderReader.read(BoundLayout.of(layout, header, AllFields.AS_THEY_ARE, OrderDefaults.NONE), rows);
        return result.faults().isEmpty() && result.orders().size() == 1
                ? Reading.of(result.orders().get(0))
                : result.faults().stream()
                        .findFirst()
                        .map(fault -> Reading.<WorkOrderDraft>refused(
                                label(fault.column()) + " “" + fault.value() + "”: " + fault.reason(), fault.remedy()))
                        .orElseGet(() -> Reading.refused("It cannot be read.", "Write it otherwise."));
    }

    private static String label(String column) {
        return column.startsWith("CUSTOM") || column.startsWith("LINE_CUSTOM")
                ? column
                : OrderField.valueOf(column).label();
    }
}
