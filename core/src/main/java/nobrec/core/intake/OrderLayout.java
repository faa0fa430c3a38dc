package nobrec.core.intake;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;

/**
 * A saved reading of a file: which column feeds which field, and how dates and measures are written. One row is one line
 * of a work order; rows with the same number are one order.
 *
 * @param columns heading of the column for each field it has
 * @param days what comes first in a day written in figures
 * @param units what a figure without a unit means
 * @param country of an address that names none, by its code (ISO 3166-1)
 * @param decimals how figures are written; {@link DecimalMark#UNKNOWN} when each file shows it
 */
public record OrderLayout(
        String name,
        Map<OrderField, String> columns,
        DayText.Order days,
        UnitSystem units,
        DecimalMark decimals,
        String country) {

    private static final Set<OrderField> WITH_FIGURES = EnumSet.of(
            OrderField.QUANTITY,
            OrderField.UNIT_WEIGHT,
            OrderField.UNIT_SIZE,
            OrderField.UNIT_VALUE,
            OrderField.QUOTED_FREIGHT);

    /** Where each field stands in a file, counted from zero. */
    public record Positions(Map<OrderField, Integer> columns) {

        Optional<String> cell(OrderField field, List<String> row) {
            Integer at = columns.get(field);
            return at == null || at >= row.size() ? Optional.empty() : Optional.of(row.get(at));
        }

        /** Cells in which a figure may stand that has decimals. */
        List<String> figuresIn(List<OrderReader.Row> rows) {
            return rows.stream()
                    .flatMap(row -> WITH_FIGURES.stream().flatMap(field -> cell(field, row.cells()).stream()))
                    .toList();
        }
    }

    public OrderLayout {
        if (!columns.containsKey(OrderField.ORDER_NUMBER)) {
            throw new IllegalArgumentException("Layout " + name + " has no column for the work order number.");
        }
        columns = Map.copyOf(columns);
    }

    /** The same for a file that writes its figures in its own way. */
    public OrderLayout withDecimals(DecimalMark mark) {
        return new OrderLayout(name, columns, days, units, mark, country);
    }

    /** Headings that a file's first row has more than once, of columns that are read. */
    public List<String> doubledIn(List<String> header) {
        List<String> plain = header.stream().map(OrderLayout::plain).toList();
        return columns.values().stream()
                .filter(heading -> Collections.frequency(plain, plain(heading)) > 1)
                .sorted()
                .toList();
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
