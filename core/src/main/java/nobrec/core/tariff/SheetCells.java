package nobrec.core.tariff;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.MeasureText;
import nobrec.core.measure.Reading;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;

/** The cells of one row, read one after the other; what does not read is a fault of the row. */
final class SheetCells {

    private static final int CENTS_PLACES = 2;
    private static final int THOUSANDTHS_PLACES = 3;

    private final int row;
    private final List<String> cells;
    private final List<SheetFault> faults;

    SheetCells(int row, List<String> cells, List<SheetFault> faults) {
        this.row = row;
        this.cells = cells;
        this.faults = faults;
    }

    int row() {
        return row;
    }

    String word() {
        return cell(0).toLowerCase(Locale.ROOT);
    }

    String cell(int index) {
        return index < cells.size() ? cells.get(index).strip() : "";
    }

    /** The cells from {@code index} on, without empty ones at the end. */
    List<String> from(int index) {
        List<String> rest = new ArrayList<>();
        for (int at = index; at < cells.size(); at++) {
            rest.add(cell(at));
        }
        while (!rest.isEmpty() && rest.get(rest.size() - 1).isEmpty()) {
            rest.remove(rest.size() - 1);
        }
        return rest;
    }

    /** Words of a cell, set apart by blanks. */
    List<String> words(int index) {
        return Arrays.stream(cell(index).split("\\s+"))
                .filter(word -> !word.isEmpty())
                .toList();
    }

    Optional<Long> cents(int index) {
        return cents(cell(index));
    }

    Optional<Long> cents(String text) {
        return read(
                text,
                "an amount like 8.54",
                cell -> new BigDecimal(cell).movePointRight(CENTS_PLACES).longValueExact());
    }

    /** A per cent, in thousandths. */
    Optional<Integer> thousandths(String text) {
        String figure = text.replace("%", "").strip();
        return read(
                figure,
                "a per cent like 16.5",
                cell -> new BigDecimal(cell).movePointRight(THOUSANDTHS_PLACES).intValueExact());
    }

    Optional<Long> whole(int index) {
        return read(cell(index), "a whole number", Long::valueOf);
    }

    Optional<LocalDate> day(int index) {
        return read(cell(index), "a day like 2026-01-05", LocalDate::parse);
    }

    Optional<Weight> weight(String text, UnitSystem units) {
        return text.equals("0") ? Optional.of(Weight.ZERO) : found(MeasureText.readWeight(text, units));
    }

    Optional<Length> length(String text, UnitSystem units) {
        LengthUnit unit = units.lengthUnit();
        String figure = text.replace(unit.symbol(), "").strip();
        return read(figure, "a length like 48 " + unit.symbol(), cell -> Length.of(cell, unit));
    }

    private <T> Optional<T> found(Reading<T> reading) {
        if (reading instanceof Reading.Refused<T> refused) {
            refuse(refused.reason() + " " + refused.cure());
        }
        return reading.found();
    }

    <T> Optional<T> read(String text, String wanted, Function<String, T> reader) {
        try {
            return Optional.of(reader.apply(text));
        } catch (ArithmeticException | IllegalArgumentException | DateTimeException e) {
            refuse(
                    text.isEmpty()
                            ? "A cell is empty where " + wanted + " should be."
                            : "“" + text + "” is not " + wanted + ".");
            return Optional.empty();
        }
    }

    void refuse(String reason) {
        faults.add(SheetFault.refused(row, reason));
    }

    /** At the end of a file: refuses it when something is not there. */
    void need(boolean there, String what) {
        if (!there) {
            refuse("The sheet ends without " + what + ".");
        }
    }

    void caution(String reason) {
        faults.add(SheetFault.caution(row, reason));
    }
}
