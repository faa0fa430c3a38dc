package nobrec.core.intake;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nobrec.core.measure.UnitSystem;

/**
 * A saved reading of a file: which column feeds which field, and how dates and measures are written. One row is one line
 * of a work order; rows with the same number are one order.
 *
 * @param columns heading of the column for each field it has
 * @param datePattern as {@link java.time.format.DateTimeFormatter} writes it
 * @param units what a figure without a unit means
 */
public record OrderLayout(String name, Map<OrderField, String> columns, String datePattern, UnitSystem units) {

    /** Where each field stands in a file, counted from zero. */
    public record Positions(Map<OrderField, Integer> columns) {

        Optional<String> cell(OrderField field, List<String> row) {
            Integer at = columns.get(field);
            return at == null || at >= row.size() ? Optional.empty() : Optional.of(row.get(at));
        }
    }

    public OrderLayout {
        if (!columns.containsKey(OrderField.ORDER_NUMBER)) {
            throw new IllegalArgumentException("Layout " + name + " has no column for the work order number.");
        }
        columns = Map.copyOf(columns);
    }

    /** The columns of this layout that a file's first row lacks, in reading order; empty when the layout fits. */
    public List<String> missingIn(List<String> header) {
        List<String> plain = header.stream().map(OrderLayout::plain).toList();
        List<String> missing = new ArrayList<>();
        for (OrderField field : OrderField.values()) {
            String heading = columns.get(field);
            if (heading != null && !field.isOptional() && !plain.contains(plain(heading))) {
                missing.add(heading);
            }
        }
        return missing;
    }

    Positions positionsIn(List<String> header) {
        List<String> plain = header.stream().map(OrderLayout::plain).toList();
        Map<OrderField, Integer> positions = new EnumMap<>(OrderField.class);
        columns.forEach((field, heading) -> {
            int at = plain.indexOf(plain(heading));
            if (at >= 0) {
                positions.put(field, at);
            }
        });
        return new Positions(positions);
    }

    private static String plain(String heading) {
        return heading.strip().toLowerCase(Locale.ROOT);
    }
}
