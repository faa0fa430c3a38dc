package nobrec.core.intake;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.item.Item;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.LayoutGuess;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderField.Part;
import nobrec.core.layout.OrderLayout;
import nobrec.core.layout.RowShape;
import nobrec.core.wordbook.KnownWords;
import nobrec.core.wordbook.SourceWords;

/**
 * Reads an item list, one item a row. What a column is, is told by its heading and what stands in it; the cells are read as those
 * of a work order's lines are, each row as if it were an order of one piece.
 */
public final class ItemReader {

    private static final Set<String> SHELF_WORDS =
            Set.of("shelf", "bin", "rack", "location", "storage place", "bin location");
    private static final Set<String> BARCODE_WORDS = Set.of("barcode", "bar code", "gtin", "ean", "upc");
    private static final Set<String> NUMBER_WORDS =
            Set.of("number", "no", "no.", "nr", "code", "id", "article", "material", "product");
    private static final Set<OrderField> NOT_OF_ITEMS =
            Set.of(OrderField.QUANTITY, OrderField.QUANTITY_READY, OrderField.LOTS, OrderField.LINE_CUSTOM);
    private static final int GUESSED_FROM = 200;

    /**
     * @param readAs what each column that is read is taken for, in the order of the file
     * @param unread headings of the columns that are not read
     */
    public record Result(List<Item> items, List<RowFault> faults, Map<String, String> readAs, List<String> unread) {}

    private final List<String> header;
    private final SourceWords words;
    private final OrderLayout layout;
    private final List<RowFault> faults = new ArrayList<>();
    private final List<Item> items = new ArrayList<>();
    private final Set<String> seen = new HashSet<>();

    private ItemReader(List<String> header, List<OrderReader.Row> rows, SourceWords words, LayoutNotation usual) {
        this.header = header;
        this.words = words;
        List<List<String>> beginning =
                rows.stream().limit(GUESSED_FROM).map(OrderReader.Row::cells).toList();
        this.layout = ItemFile.isOurs(header)
                ? ItemFile.LAYOUT
                : layout(
                        LayoutGuess.of("items", header, beginning, words, usual),
                        LayoutGuess.of("items", header, List.of(), words, usual));
    }

    /** @param usual how the shop writes, where the file does not show it */
    public static Result read(
            List<String> header, List<OrderReader.Row> rows, SourceWords words, LayoutNotation usual) {
        return new ItemReader(header, rows, words, usual).read(rows);
    }

    /** @param byHeading a guess from the headings alone, for columns of which so much is bad that they look like nothing */
    private OrderLayout layout(OrderLayout guess, OrderLayout byHeading) {
        Map<FieldTarget, String> columns = new HashMap<>();
        Set<String> own = new HashSet<>();
        for (String heading : header) {
            String plain = OrderLayout.plain(heading);
            if (SHELF_WORDS.contains(plain) && own.add(heading)) {
                columns.putIfAbsent(ItemFile.custom(ItemFile.SHELF), heading);
            } else if (BARCODE_WORDS.contains(plain) && own.add(heading)) {
                columns.putIfAbsent(ItemFile.custom(ItemFile.BARCODE), heading);
            }
        }
        for (OrderLayout each : List.of(guess, byHeading)) {
            each.columns().forEach((target, heading) -> {
                OrderField field = target.field();
                if (field.part() == Part.LINE && !NOT_OF_ITEMS.contains(field) && own.add(heading)) {
                    columns.putIfAbsent(FieldTarget.of(field), heading);
                }
            });
        }
        FieldTarget item = FieldTarget.of(OrderField.ITEM);
        header.stream()
                .filter(heading -> NUMBER_WORDS.contains(OrderLayout.plain(heading)) && !columns.containsValue(heading))
                .findFirst()
                .ifPresent(heading -> columns.putIfAbsent(item, heading));
        columns.put(FieldTarget.of(OrderField.ORDER_NUMBER), ItemFile.ROW);
        return new OrderLayout("items", RowShape.LINE_A_ROW, columns, ItemFile.FIXED, guess.notation());
    }

    private Result read(List<OrderReader.Row> rows) {
        List<String> wider = new ArrayList<>(header);
        wider.add(ItemFile.ROW);
        BoundLayout bound = BoundLayout.of(layout, wider, words, OrderDefaults.NONE);
        List<OrderReader.Row> numbered = rows.stream()
                .filter(row -> !OrderReader.isEmpty(row.cells()))
                .map(this::numbered)
                .toList();
        RowSurvey survey = RowSurvey.of(bound, numbered);
        OrderReader reader = new OrderReader(
                survey, faults::add, outcome -> outcome.draft().ifPresent(draft -> take(outcome.lastRow(), draft)));
        numbered.forEach(reader::add);
        return new Result(List.copyOf(items), List.copyOf(faults), readAs(), unread());
    }

    private OrderReader.Row numbered(OrderReader.Row row) {
        List<String> cells =
                new ArrayList<>(row.cells().subList(0, Math.min(row.cells().size(), header.size())));
        while (cells.size() < header.size()) {
            cells.add("");
        }
        cells.add(Integer.toString(row.number()));
        return new OrderReader.Row(row.number(), cells);
    }

    private void take(int row, WorkOrderDraft draft) {
        WorkOrderDraft.Line line = draft.lines().get(0);
        Optional<OpenWord> open = draft.openWords().stream().findFirst();
        if (line.item().isBlank()) {
            fault(row, OrderField.ITEM, "", "The item has no number.", "Every row needs one.");
        } else if (open.isPresent()) {
            fault(
                    row,
                    open.get().field(),
                    open.get().text(),
                    "The unit “" + open.get().word() + "” is not known here.",
                    "Write one that is, or say in Wordbook what it means.");
        } else if (!seen.add(KnownWords.plain(line.item()))) {
            fault(row, OrderField.ITEM, line.item(), "The item stands in the file twice.", "Keep one of the rows.");
        } else {
            items.add(new Item(
                    line.item(),
                    line.description(),
                    line.unitWeight(),
                    line.unitSize(),
                    line.handling(),
                    line.goods(),
                    line.custom().getOrDefault(ItemFile.SHELF, ""),
                    line.custom().getOrDefault(ItemFile.BARCODE, "")));
        }
    }

    private void fault(int row, OrderField field, String value, String reason, String remedy) {
        String column = layout.columns().getOrDefault(FieldTarget.of(field), field.label());
        faults.add(new RowFault(row, column, Integer.toString(row), value, reason, remedy));
    }

    private Map<String, String> readAs() {
        Map<String, String> readAs = new LinkedHashMap<>();
        layout.columns().entrySet().stream()
                .filter(each -> !each.getValue().equals(ItemFile.ROW))
                .sorted(Comparator.comparingInt(each -> header.indexOf(each.getValue())))
                .forEach(each -> readAs.put(
                        each.getValue(),
                        each.getKey().custom().isEmpty()
                                ? each.getKey().field().label()
                                : each.getKey().custom()));
        return readAs;
    }

    private List<String> unread() {
        return header.stream()
                .filter(heading -> !heading.isBlank() && !layout.columns().containsValue(heading))
                .toList();
    }
}
