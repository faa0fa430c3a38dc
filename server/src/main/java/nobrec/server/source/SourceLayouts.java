package nobrec.server.source;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import nobrec.core.intake.BoundLayout;
import nobrec.core.intake.OrderDefaults;
import nobrec.core.intake.OrderReader;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.LayoutGuess;
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
 * Records read by layouts, as files are: a record is laid out as rows, one a line, with a column for each of its fields; those of
 * a line are called {@code line.} and their name.
 */
final class SourceLayouts {

    static final String NUMBER = "number";
    private static final String LINE = "line.";
    private static final String SITE = "site";

    private SourceLayouts() {}

    /** Names of all columns that some records have, as a system says them and as they are. */
    static List<String> columns(About about, List<SourceRecord> records) {
        Set<String> columns = new LinkedHashSet<>();
        columns.add(NUMBER);
        about.fields().forEach(field -> columns.add(field.word()));
        if (!about.sites().isEmpty()) {
            columns.add(SITE);
        }
        records.forEach(record -> columns.addAll(record.fields().keySet()));
        about.lineFields().forEach(field -> columns.add(LINE + field.word()));
        records.forEach(record ->
                record.lines().forEach(line -> line.keySet().forEach(name -> columns.add(LINE + name))));
        return List.copyOf(columns);
    }

    /** What stands in a column in some records. */
    static List<String> samples(String column, List<SourceRecord> records, int limit) {
        return rows(List.of(column), records).stream()
                .map(row -> row.get(0))
                .filter(text -> !text.isBlank())
                .distinct()
                .limit(limit)
                .toList();
    }

    private static List<List<String>> rows(List<String> columns, List<SourceRecord> records) {
        return records.stream()
                .flatMap(record -> rows(columns, record).stream())
                .toList();
    }

    private static List<List<String>> rows(List<String> columns, SourceRecord record) {
        List<Map<String, String>> lines = record.lines().isEmpty() ? List.of(Map.of()) : record.lines();
        List<List<String>> rows = new ArrayList<>();
        for (Map<String, String> line : lines) {
            rows.add(columns.stream().map(column -> cell(column, record, line)).toList());
        }
        return rows;
    }

    private static String cell(String column, SourceRecord record, Map<String, String> line) {
        if (column.equals(NUMBER)) {
            return record.number();
        }
        return column.startsWith(LINE)
                ? line.getOrDefault(column.substring(LINE.length()), "")
                : record.fields().getOrDefault(column, "");
    }

    /** Reads a record; it may have several faults, or an order. */
    static OrderReader.Result read(SourceRecord record, OrderLayout layout, SourceWords words, OrderDefaults defaults) {
        List<String> columns = layout.columns().values().stream().sorted().toList();
        List<OrderReader.Row> rows = new ArrayList<>();
        rows(columns, record).forEach(cells -> rows.add(new OrderReader.Row(rows.size() + 1, cells)));
        return OrderReader.read(BoundLayout.of(layout, columns, words, defaults), rows);
    }

    /** A guess from the names of the fields and what stands in them. */
    static OrderLayout guess(String name, About about, List<SourceRecord> records, SourceWords words) {
        List<String> columns = columns(about, records);
        LayoutNotation notation = new LayoutNotation(
                DayText.Order.MONTH_FIRST, WeightUnit.POUND, LengthUnit.INCH, DecimalMark.POINT, "US");
        Map<FieldTarget, String> chosen = new HashMap<>();
        LayoutNotation read = guessed(columns, records, words, notation, Part.HEAD, chosen);
        read = guessed(columns, records, words, read, Part.LINE, chosen);
        chosen.put(FieldTarget.of(OrderField.ORDER_NUMBER), NUMBER);
        // Figures in JSON have a point.
        return new OrderLayout(name, RowShape.ORDER_A_ROW, chosen, Map.of(), read.with(DecimalMark.POINT));
    }

    private static LayoutNotation guessed(
            List<String> columns,
            List<SourceRecord> records,
            SourceWords words,
            LayoutNotation usual,
            Part part,
            Map<FieldTarget, String> chosen) {
        List<String> own = columns.stream()
                .filter(column -> column.startsWith(LINE) == (part == Part.LINE) && !column.equals(NUMBER))
                .toList();
        Map<String, String> byName = own.stream()
                .collect(Collectors.toMap(SourceLayouts::bare, column -> column, (one, other) -> one, TreeMap::new));
        List<String> names = List.copyOf(byName.keySet());
        List<String> real = names.stream().map(byName::get).toList();
        OrderLayout guess = LayoutGuess.of("guess", names, rows(real, records), words, usual);
        guess.columns().forEach((target, name) -> {
            if (target.field().part() == part && target.field() != OrderField.ORDER_NUMBER) {
                chosen.putIfAbsent(target, byName.getOrDefault(name, name));
            }
        });
        return guess.notation();
    }

    /** {@code address.line1} reads like {@code address line 1}. */
    private static String bare(String column) {
        String name = column.startsWith(LINE) ? column.substring(LINE.length()) : column;
        return name.replace('.', ' ').replace('_', ' ').replaceAll("([a-zA-Z])([0-9])", "$1 $2");
    }
}
