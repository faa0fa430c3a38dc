package nobrec.core.intake;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import nobrec.core.address.AddressText;
import nobrec.core.address.PostalAddress;
import nobrec.core.item.LotShare;
import nobrec.core.layout.OrderField;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Length;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.FigureText;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.MoneyText;
import nobrec.core.notation.Reading;
import nobrec.core.wordbook.WordKind;

/**
 * The cells of one row that tell of the whole order, or of one of its lines; what cannot be read is added to the faults and
 * counts as missing.
 */
final class RowCells {

    private static final Set<String> YES = Set.of("yes", "y", "true", "1", "x", "on");
    private static final Set<String> NO = Set.of("", "no", "n", "false", "0", "off");

    private final OrderReader.Row row;
    private final BoundLayout layout;
    private final Consumer<RowFault> faults;
    private final Consumer<OpenWord> openWords;
    private final int group;
    private final int line;
    private boolean faulty;

    /** What a row says of the whole order. */
    RowCells(OrderReader.Row row, BoundLayout layout, Consumer<RowFault> faults, Consumer<OpenWord> openWords) {
        this(row, layout, faults, openWords, 0, 0);
    }

    private RowCells(
            OrderReader.Row row,
            BoundLayout layout,
            Consumer<RowFault> faults,
            Consumer<OpenWord> openWords,
            int group,
            int line) {
        this.row = row;
        this.layout = layout;
        this.faults = faults;
        this.openWords = openWords;
        this.group = group;
        this.line = line;
    }

    /**
     * What the same row says of one of its lines.
     *
     * @param number of the line in the work order
     */
    RowCells ofLine(int groupOfRow, int number) {
        return new RowCells(row, layout, faults, openWords, groupOfRow, number);
    }

    boolean isFaulty() {
        return faulty;
    }

    List<String> cells() {
        return row.cells();
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
    boolean endsInTime() {
        int width = layout.header().size();
        int last = row.cells().size();
        while (last > width && row.cells().get(last - 1).isBlank()) {
            last--;
        }
        if (last > width) {
            fault(
                    OrderField.ORDER_NUMBER,
                    "The row has " + last + " cells, the heading " + width + ".",
                    "Put quotes around a text that has a comma in it.");
        }
        return last <= width;
    }

    String text(OrderField field) {
        return text(raw(field), field.label(), Limits.TEXT, (reason, remedy) -> fault(field, reason, remedy));
    }

    /** A text of several lines. */
    String longText(OrderField field) {
        String text = raw(field);
        if (text.length() > Limits.NOTES) {
            fault(field, "The text has " + text.length() + " characters.", "Shorten it to " + Limits.NOTES + ".");
            return "";
        }
        return text;
    }

    /** An address in one cell. */
    Optional<PostalAddress> address(OrderField field) {
        String text = longText(field);
        return text.isEmpty()
                ? Optional.empty()
                : valueOrFault(field, AddressText.read(CellText.inOneLine(text), Limits.TEXT));
    }

    private interface Fault {
        void say(String reason, String remedy);
    }

    private static String text(String text, String label, int limit, Fault fault) {
        if (text.length() > limit) {
            fault.say("The text has " + text.length() + " characters.", "Shorten it to " + limit + ".");
            return "";
        }
        if (CellText.runsOverRows(text)) {
            fault.say("The cell goes over several rows of the file.", "Close the quote with which it begins.");
            return "";
        }
        return CellText.inOneLine(text);
    }

    /** The shop's own fields that say something. */
    Map<String, String> customs() {
        List<BoundLayout.CustomColumn> columns = layout.customs(group);
        if (columns.isEmpty()) {
            return Map.of();
        }
        Map<String, String> customs = new HashMap<>();
        for (BoundLayout.CustomColumn each : columns) {
            String written = layout.customText(each, row.cells());
            String text = text(
                    written,
                    each.name(),
                    Limits.TEXT,
                    (reason, remedy) -> addFault(each.name(), written, reason, remedy));
            if (!text.isEmpty()) {
                customs.put(each.name(), text);
            }
        }
        return customs;
    }

    Optional<LocalDate> date(OrderField field) {
        return read(field, text -> DayText.read(text, layout.notation().days()));
    }

    /** Pieces, also where a program writes them with decimals: {@code 4.0000}; one where there is no column for them. */
    int pieces(OrderField field) {
        return layout.has(field, group) || !raw(field).isEmpty() ? wholeNumber(field, 1) : 1;
    }

    /** Pieces that are there, none of them perhaps; empty where nothing is said. */
    Optional<Integer> piecesReady(OrderField field) {
        return raw(field).isEmpty() ? Optional.empty() : Optional.of(wholeNumber(field, 0));
    }

    private int wholeNumber(OrderField field, int least) {
        DecimalMark mark = layout.notation().decimals();
        Reading<BigDecimal> figure = FigureText.read(raw(field), mark);
        Optional<BigDecimal> whole = figure.found()
                .map(BigDecimal::stripTrailingZeros)
                .filter(each -> each.scale() <= 0 && each.signum() >= least)
                .filter(each -> each.compareTo(BigDecimal.valueOf(Limits.PIECES_OF_LINE)) <= 0);
        if (whole.isEmpty()) {
            boolean either = mark == DecimalMark.UNKNOWN && figure instanceof Reading.Refused;
            Reading<BigDecimal> refused = Reading.refused(
                    "This is no whole number of pieces from " + least + " to 100,000.",
                    "Write digits only, " + least + " or more.");
            valueOrFault(field, either && !raw(field).isEmpty() ? figure : refused);
        }
        return whole.map(BigDecimal::intValueExact).orElse(0);
    }

    Optional<Weight> weight(OrderField field) {
        return measure(
                field,
                text -> MeasureText.readWeight(
                        text, layout.notation().weightUnit(), layout.notation().decimals()));
    }

    /** Length x width x height in one column or in three. */
    Optional<Size> size() {
        if (layout.has(OrderField.UNIT_LENGTH, group)
                || layout.has(OrderField.UNIT_WIDTH, group)
                || layout.has(OrderField.UNIT_HEIGHT, group)) {
            return ofSides();
        }
        return measure(
                OrderField.UNIT_SIZE,
                text -> MeasureText.readSize(
                        text, layout.notation().lengthUnit(), layout.notation().decimals()));
    }

    private Optional<Size> ofSides() {
        String all =
                raw(OrderField.UNIT_LENGTH) + " x " + raw(OrderField.UNIT_WIDTH) + " x " + raw(OrderField.UNIT_HEIGHT);
        if (isOpen(inOurUnits(all), OrderField.UNIT_SIZE, all)) {
            return Optional.empty();
        }
        Optional<Length> length = side(OrderField.UNIT_LENGTH);
        Optional<Length> width = side(OrderField.UNIT_WIDTH);
        Optional<Length> height = side(OrderField.UNIT_HEIGHT);
        if (length.isEmpty() || width.isEmpty() || height.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Size(length.get(), width.get(), height.get()));
    }

    private Optional<Length> side(OrderField field) {
        return measure(
                field,
                text -> MeasureText.readLength(
                        text, layout.notation().lengthUnit(), layout.notation().decimals()));
    }

    /** A measure with a unit that the wordbook may know; a program's zero says that it is not known. */
    private <T> Optional<T> measure(OrderField field, Function<String, Reading<T>> reader) {
        String text = raw(field);
        if (text.isEmpty() || isZero(text)) {
            return Optional.empty();
        }
        OpenMeasure.Translated ours = inOurUnits(text);
        return isOpen(ours, field, text) ? Optional.empty() : read(field, written -> reader.apply(ours.text()));
    }

    /** The text with the units that the wordbook knows in our words; what is too long for a measure stays as it is. */
    private OpenMeasure.Translated inOurUnits(String text) {
        return text.length() > Limits.TEXT
                ? new OpenMeasure.Translated(text, Optional.empty())
                : OpenMeasure.translated(text, layout.words(), layout.notation().decimals());
    }

    /** Whether it waits for a unit, which then is noted. */
    private boolean isOpen(OpenMeasure.Translated measure, OrderField field, String text) {
        measure.unknown()
                .ifPresent(unit -> openWords.accept(new OpenWord(
                        WordKind.UNIT,
                        unit,
                        field,
                        line,
                        OpenMeasure.kept(text, layout.notation().decimals()))));
        return measure.unknown().isPresent();
    }

    /** Noughts, with a decimal mark among them perhaps. */
    private static boolean isZero(String text) {
        if (text.charAt(0) != '0' || text.length() > Limits.FIGURE_TEXT) {
            return false;
        }
        int marks = 0;
        for (int at = 0; at < text.length(); at++) {
            char each = text.charAt(at);
            if (each == '.' || each == ',') {
                marks++;
            } else if (each != '0') {
                return false;
            }
        }
        return marks <= 1;
    }

    /** An amount of money with at most two places; cents. */
    Optional<Long> cents(OrderField field) {
        return read(field, text -> MoneyText.readCents(text, layout.notation().decimals()));
    }

    boolean yes(OrderField field) {
        String text = raw(field).toLowerCase(Locale.ROOT);
        if (!YES.contains(text) && !NO.contains(text)) {
            fault(field, "This says neither yes nor no.", "Write yes or no.");
        }
        return YES.contains(text);
    }

    /** Why an order must not go; a bare yes is a reason, too. */
    String hold(OrderField field) {
        String text = text(field);
        String plain = text.toLowerCase(Locale.ROOT);
        if (NO.contains(plain)) {
            return "";
        }
        return YES.contains(plain) ? "On hold where it comes from." : text;
    }

    /** Our word for what is written; what nobody has translated yet is noted, and stays out. */
    String word(OrderField field, WordKind kind) {
        String text = text(field);
        if (text.isEmpty()) {
            return "";
        }
        Optional<String> meaning = layout.words().meaning(kind, text);
        if (meaning.isEmpty()) {
            openWords.accept(new OpenWord(kind, text, field, line, text));
        }
        return meaning.orElse("");
    }

    /** The two letters of a country; the layout's when nothing is said. */
    String country(OrderField field) {
        String text = text(field);
        return text.isEmpty() ? layout.notation().country() : word(field, WordKind.COUNTRY);
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
        String text = text(field);
        if (text.isEmpty()) {
            return List.of();
        }
        List<LotShare> lots = new ArrayList<>();
        int left = quantity;
        for (String each : text.split(";")) {
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
        addFault(layout.heading(field, group), raw(field), reason, remedy);
    }

    /** A fault of a column that is known by its place. */
    void faultAt(int column, String reason, String remedy) {
        addFault(layout.header().get(column), CellText.plain(row.cells().get(column)), reason, remedy);
    }

    private void addFault(String column, String value, String reason, String remedy) {
        faulty = true;
        faults.accept(new RowFault(
                row.number(),
                shortened(column),
                shortened(layout.text(OrderField.ORDER_NUMBER, 0, row.cells())),
                shortened(value),
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
        return layout.text(field, field == OrderField.ORDER_NUMBER ? 0 : group, row.cells());
    }

    private static String shortened(String text) {
        return text.length() <= Limits.TEXT ? text : text.substring(0, Limits.TEXT - 1) + "…";
    }
}
