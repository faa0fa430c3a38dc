package nobrec.core.intake;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import nobrec.core.address.Countries;
import nobrec.core.item.LotShare;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.FigureText;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.MoneyText;
import nobrec.core.notation.Reading;

/** The cells of one row, read by a layout; what cannot be read is added to the faults and counts as missing. */
final class RowCells {

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

    /** The number of the row's order; empty text, and a fault, when there is none that could be one. */
    String orderNumber() {
        String number = text(OrderField.ORDER_NUMBER);
        if (number.isEmpty() && raw(OrderField.ORDER_NUMBER).isEmpty()) {
            fault(
                    OrderField.ORDER_NUMBER,
                    "There is no work order number.",
                    "Write it in every row; this row and the work order above it stay out.");
        }
        return number;
    }

    /** Whether the row ends with the heading: more cells mean that a comma or a quote is not where it should be. */
    boolean endsInTime(List<String> header) {
        int last = row.cells().size();
        while (last > header.size() && row.cells().get(last - 1).isBlank()) {
            last--;
        }
        if (last > header.size()) {
            fault(
                    OrderField.ORDER_NUMBER,
                    "The row has " + last + " cells, the heading " + header.size() + ".",
                    "Put quotes around a text that has a comma in it.");
        }
        return last <= header.size();
    }

    String text(OrderField field) {
        String text = raw(field);
        if (text.length() > Limits.TEXT) {
            fault(field, "The text has " + text.length() + " characters.", "Shorten it to " + Limits.TEXT + ".");
            return "";
        }
        if (CellText.runsOverRows(text)) {
            fault(field, "The cell goes over several rows of the file.", "Close the quote with which it begins.");
            return "";
        }
        return CellText.inOneLine(text);
    }

    /** What stands in the cell, whatever it means. */
    String written(OrderField field) {
        return raw(field);
    }

    Optional<LocalDate> date(OrderField field) {
        return read(field, text -> DayText.read(text, layout.days()));
    }

    /** Pieces, also where a program writes them with decimals: {@code 4.0000}. */
    int wholeNumber(OrderField field) {
        Reading<BigDecimal> figure = FigureText.read(raw(field), layout.decimals());
        Optional<BigDecimal> whole = figure.found()
                .map(BigDecimal::stripTrailingZeros)
                .filter(each -> each.scale() <= 0 && each.signum() > 0)
                .filter(each -> each.compareTo(BigDecimal.valueOf(Limits.PIECES_OF_LINE)) <= 0);
        if (whole.isEmpty()) {
            boolean either = layout.decimals() == DecimalMark.UNKNOWN && figure instanceof Reading.Refused;
            Reading<BigDecimal> refused = Reading.refused(
                    "This is no whole number of pieces from 1 to 100,000.", "Write digits only, 1 or more.");
            valueOrFault(field, either && !raw(field).isEmpty() ? figure : refused);
        }
        return whole.map(BigDecimal::intValueExact).orElse(0);
    }

    Optional<Weight> weight(OrderField field) {
        return read(field, text -> MeasureText.readWeight(text, layout.units(), layout.decimals()));
    }

    Optional<Size> size(OrderField field) {
        return read(field, text -> MeasureText.readSize(text, layout.units(), layout.decimals()));
    }

    /** An amount of money with at most two places; cents. */
    Optional<Long> cents(OrderField field) {
        return read(field, text -> MoneyText.readCents(text, layout.decimals()));
    }

    /** The two letters of a country; the layout's when nothing is said. */
    String country(OrderField field) {
        String text = text(field);
        Optional<String> country = text.isEmpty() ? Optional.of(layout.country()) : Countries.read(text);
        if (country.isEmpty()) {
            fault(field, "There is no such country.", "Write its English name or its two letters (ISO 3166).");
        }
        return country.orElse("");
    }

    private <T> Optional<T> read(OrderField field, Function<String, Reading<T>> reader) {
        String text = raw(field);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        return text.length() > Limits.FIGURE_TEXT
                ? valueOrFault(
                        field,
                        Reading.refused(
                                "The cell has " + text.length() + " characters.",
                                "Look for a quote that is not closed."))
                : valueOrFault(field, reader.apply(text));
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

    void fault(OrderField field, String reason, String remedy) {
        faults.add(new RowFault(
                row.number(),
                layout.columns().getOrDefault(field, field.name()),
                shortened(raw(OrderField.ORDER_NUMBER)),
                shortened(raw(field)),
                reason,
                remedy));
    }

    private <T> Optional<T> valueOrFault(OrderField field, Reading<T> reading) {
        if (reading instanceof Reading.Refused<T> refused) {
            fault(field, refused.reason(), refused.remedy());
        }
        return reading.found();
    }

    private String raw(OrderField field) {
        return CellText.plain(positions.cell(field, row.cells()).orElse(""));
    }

    private static String shortened(String text) {
        return text.length() <= Limits.TEXT ? text : text.substring(0, Limits.TEXT - 1) + "…";
    }
}
