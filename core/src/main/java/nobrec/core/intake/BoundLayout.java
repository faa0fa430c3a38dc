package nobrec.core.intake;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderField.Part;
import nobrec.core.layout.OrderLayout;
import nobrec.core.layout.RowShape;
import nobrec.core.notation.DecimalMark;
import nobrec.core.wordbook.SourceWords;

/** A layout laid upon the first row of a file: where each field stands. */
public final class BoundLayout {

    private static final int NOWHERE = -1;

    /** @param at counted from zero; below zero where only a fixed text says it */
    record CustomColumn(String name, int at, String fixed) {}

    private final OrderLayout layout;
    private final LayoutNotation notation;
    private final List<String> header;
    private final SourceWords words;
    private final OrderDefaults defaults;
    private final int[][] positions;
    private final List<Map<OrderField, String>> fixed = new ArrayList<>();
    private final List<List<CustomColumn>> customs = new ArrayList<>();
    private final int[] headColumns;
    private final int[] lineColumns;

    private BoundLayout(
            OrderLayout layout,
            LayoutNotation notation,
            List<String> header,
            SourceWords words,
            OrderDefaults defaults) {
        this.layout = layout;
        this.notation = notation;
        this.header = List.copyOf(header);
        this.words = words;
        this.defaults = defaults;
        Map<String, Integer> byHeading = new HashMap<>();
        for (int at = 0; at < header.size(); at++) {
            byHeading.putIfAbsent(OrderLayout.plain(header.get(at)), at);
        }
        int lines = layout.columns().keySet().stream()
                .mapToInt(FieldTarget::line)
                .max()
                .orElse(0);
        positions = new int[lines + 1][OrderField.values().length];
        for (int line = 0; line <= lines; line++) {
            Arrays.fill(positions[line], NOWHERE);
            fixed.add(new EnumMap<>(OrderField.class));
            customs.add(new ArrayList<>());
        }
        layout.columns()
                .forEach((target, heading) ->
                        place(target, byHeading.getOrDefault(OrderLayout.plain(heading), NOWHERE)));
        layout.fixed().forEach(this::fix);
        customs.forEach(each -> each.sort(Comparator.comparing(CustomColumn::name)));
        headColumns = columnsOf(Part.HEAD, byHeading);
        lineColumns = columnsOf(Part.LINE, byHeading);
    }

    /** @param header the first row of the file */
    public static BoundLayout of(OrderLayout layout, List<String> header, SourceWords words, OrderDefaults defaults) {
        return new BoundLayout(layout, layout.notation(), header, words, defaults);
    }

    /** The same for a file that has shown how it writes its figures. */
    public BoundLayout with(DecimalMark mark) {
        return new BoundLayout(layout, layout.notation().with(mark), header, words, defaults);
    }

    private void place(FieldTarget target, int at) {
        if (target.field().isCustom()) {
            customs.get(target.line()).add(new CustomColumn(target.custom(), at, ""));
        } else {
            positions[target.line()][target.field().ordinal()] = at;
        }
    }

    /** A fixed text of a line counts for each line of a row. */
    private void fix(FieldTarget target, String text) {
        int from = target.line();
        int to = target.field().part() == Part.HEAD ? 0 : lines();
        for (int line = from; line <= to; line++) {
            if (target.field().isCustom()) {
                customs.get(line).add(new CustomColumn(target.custom(), NOWHERE, text));
            } else {
                fixed.get(line).put(target.field(), text);
            }
        }
    }

    private int[] columnsOf(Part part, Map<String, Integer> byHeading) {
        Set<Integer> columns = new LinkedHashSet<>();
        layout.columns().forEach((target, heading) -> {
            Integer at = byHeading.get(OrderLayout.plain(heading));
            if (at != null && target.field().part() == part && target.field() != OrderField.ORDER_NUMBER) {
                columns.add(at);
            }
        });
        return columns.stream().mapToInt(Integer::intValue).sorted().toArray();
    }

    /** Where a field of the whole order stands, counted from zero; below zero where it stands nowhere. */
    int columnOf(OrderField field) {
        return positions[0][field.ordinal()];
    }

    boolean has(OrderField field, int line) {
        return positions[line][field.ordinal()] != NOWHERE;
    }

    /** The number of the order that a row is of, as it stands there. */
    public String numberOf(List<String> cells) {
        return text(OrderField.ORDER_NUMBER, 0, cells);
    }

    /** What a row says of a field, as it stands there; else the layout's fixed text, else the source's default. */
    String text(OrderField field, int line, List<String> cells) {
        int at = positions[line][field.ordinal()];
        String text = at == NOWHERE
                ? fixed.get(line).getOrDefault(field, "")
                : CellText.plain(at < cells.size() ? cells.get(at) : "");
        return text.isEmpty() ? defaults.of(field) : text;
    }

    String customText(CustomColumn custom, List<String> cells) {
        return custom.at() == NOWHERE
                ? custom.fixed()
                : CellText.plain(custom.at() < cells.size() ? cells.get(custom.at()) : "");
    }

    List<CustomColumn> customs(int line) {
        return customs.get(line);
    }

    /** Lines that one row may have. */
    int lines() {
        return positions.length - 1;
    }

    /** Whether a row says anything of its n-th line. */
    boolean saysLine(int line, List<String> cells) {
        for (OrderField field : OrderField.values()) {
            int at = positions[line][field.ordinal()];
            if (at != NOWHERE
                    && at < cells.size()
                    && !CellText.plain(cells.get(at)).isEmpty()) {
                return true;
            }
        }
        return customs.get(line).stream()
                .anyMatch(
                        each -> each.at() != NOWHERE && !customText(each, cells).isEmpty());
    }

    /** Columns of what is said of the whole order, but its number. */
    int[] headColumns() {
        return headColumns;
    }

    boolean hasLineColumns() {
        return lineColumns.length > 0;
    }

    RowShape shape() {
        return layout.shape();
    }

    LayoutNotation notation() {
        return notation;
    }

    List<String> header() {
        return header;
    }

    SourceWords words() {
        return words;
    }

    /** How the column is called from which a field is read. */
    String heading(OrderField field, int line) {
        int at = positions[line][field.ordinal()];
        return at == NOWHERE ? field.label() : header.get(at);
    }

    /** Columns in which a figure may stand that has decimals. */
    int[] figureColumns() {
        Set<Integer> columns = new LinkedHashSet<>();
        for (int[] line : positions) {
            for (OrderField field : OrderField.values()) {
                if (field.form().hasFigures() && line[field.ordinal()] != NOWHERE) {
                    columns.add(line[field.ordinal()]);
                }
            }
        }
        return columns.stream().mapToInt(Integer::intValue).toArray();
    }
}
