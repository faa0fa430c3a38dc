package nobrec.core.intake;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.format.ResolverStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nobrec.core.measure.MeasureText;
import nobrec.core.measure.Reading;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.packing.LotShare;

/** The cells of one row, read by a layout; what cannot be read is added to the faults and counts as missing. */
final class RowCells {

    /** More pieces than this on one line are a slip of the keyboard. */
    private static final int GREATEST_QUANTITY = 100_000;

    private static final int LONGEST_TEXT = 120;

    private final OrderReader.Row row;
    private final OrderLayout layout;
    private final OrderLayout.Positions positions;
    private final List<RowFault> faults;

    RowCells(OrderReader.Row row, OrderLayout layout, OrderLayout.Positions positions, List<RowFault> faults) {
        this.row = row;
        this.layout = layout;
        this.positions = positions;
        this.faults = faults;
    }

    String text(OrderField field) {
        String text = raw(field);
        if (text.length() > LONGEST_TEXT) {
            fault(field, "The text has " + text.length() + " characters.", "Shorten it to " + LONGEST_TEXT + ".");
            return "";
        }
        return text;
    }

    Optional<LocalDate> date(OrderField field) {
        String text = raw(field);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            DateTimeFormatter format = DateTimeFormatter.ofPattern(layout.datePattern(), Locale.US)
                    .withResolverStyle(ResolverStyle.STRICT);
            return Optional.of(LocalDate.parse(text, format));
        } catch (DateTimeParseException notADate) {
            fault(field, "There is no such date.", "Write month/day/year, like 12/03/2026.");
            return Optional.empty();
        }
    }

    int wholeNumber(OrderField field) {
        String text = raw(field);
        if (!text.matches("[0-9]{1,6}") || Integer.parseInt(text) < 1 || Integer.parseInt(text) > GREATEST_QUANTITY) {
            fault(field, "This is no whole number of pieces.", "Write digits only, 1 or more.");
            return 0;
        }
        return Integer.parseInt(text);
    }

    Optional<Weight> weight(OrderField field) {
        String text = raw(field);
        return text.isEmpty() ? Optional.empty() : valueOrFault(field, MeasureText.readWeight(text, layout.units()));
    }

    Optional<Size> size(OrderField field) {
        String text = raw(field);
        return text.isEmpty() ? Optional.empty() : valueOrFault(field, MeasureText.readSize(text, layout.units()));
    }

    /** An amount of money with at most two places; cents. */
    Optional<Long> cents(OrderField field) {
        String text = raw(field).replace("$", "").replace(",", "").strip();
        if (text.isEmpty()) {
            return Optional.empty();
        }
        if (!text.matches("[0-9]{1,9}(\\.[0-9]{1,2})?")) {
            fault(field, "This is no amount of money.", "Write it like 1250.00.");
            return Optional.empty();
        }
        return Optional.of(new BigDecimal(text).movePointRight(2).longValueExact());
    }

    /** Lots written {@code A2231=4;A2240=2}; a lot without a figure takes what is left. */
    List<LotShare> lots(OrderField field, int quantity) {
        List<LotShare> lots = new ArrayList<>();
        int left = quantity;
        for (String each : text(field).split(";")) {
            String[] pair = each.strip().split("=", 2);
            if (pair[0].isBlank()) {
                continue;
            }
            boolean counted = pair.length > 1;
            int pieces = counted && pair[1].strip().matches("[0-9]{1,6}") ? Integer.parseInt(pair[1].strip()) : left;
            if (pieces < 1 || pieces > left || (counted && !pair[1].strip().matches("[0-9]{1,6}"))) {
                fault(field, "The lots do not add up to the quantity.", "Write them like A2231=4;A2240=2.");
                return List.of();
            }
            lots.add(new LotShare(pair[0].strip(), pieces));
            left -= pieces;
        }
        return lots;
    }

    void fault(OrderField field, String reason, String cure) {
        faults.add(new RowFault(
                row.number(),
                layout.columns().getOrDefault(field, field.name()),
                raw(OrderField.ORDER_NUMBER),
                shortened(raw(field)),
                reason,
                cure));
    }

    private <T> Optional<T> valueOrFault(OrderField field, Reading<T> reading) {
        if (reading instanceof Reading.Refused<T> refused) {
            fault(field, refused.reason(), refused.cure());
        }
        return reading.found();
    }

    private String raw(OrderField field) {
        return positions.cell(field, row.cells()).orElse("").strip();
    }

    private static String shortened(String text) {
        return text.length() <= LONGEST_TEXT ? text : text.substring(0, LONGEST_TEXT - 1) + "…";
    }
}
