package nobrec.core.ratesheet.file;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nobrec.core.measure.Length;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.FigureText;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.MoneyText;
import nobrec.core.notation.Reading;

/** The cells of one row of a rate sheet, read one by one; what does not read is added to the faults of the sheet. */
final class SheetCells {

    private static final int THOUSANDTHS_PLACES = 3;
    private static final String PER_CENT = "a percentage like 16.5";

    private final int row;
    private final List<String> cells;
    private final DecimalMark decimals;
    private final List<SheetFault> faults;

    SheetCells(int row, List<String> cells, DecimalMark decimals, List<SheetFault> faults) {
        this.row = row;
        this.cells = cells;
        this.decimals = decimals;
        this.faults = faults;
    }

    int row() {
        return row;
    }

    String word() {
        return small(0);
    }

    String cell(int index) {
        return index < cells.size() ? cells.get(index).strip() : "";
    }

    /** The cell in small letters. */
    String small(int index) {
        return cell(index).toLowerCase(Locale.ROOT);
    }

    /** A cell that must say something and no more than so many letters; empty text, and a fault, when it does not. */
    String text(int index, String what, int most) {
        String text = cell(index);
        if (text.isEmpty()) {
            refuse("There is no " + what + ".");
        } else if (text.length() > most) {
            refuse("The " + what + " has " + text.length() + " letters; " + most + " are the most.");
            return "";
        }
        return text;
    }

    /** Refuses what stands behind the last cell that means something. */
    void endsBefore(int index) {
        if (!from(index).isEmpty()) {
            refuse("The row goes on with “"
                    + from(index).stream()
                            .filter(text -> !text.isEmpty())
                            .findFirst()
                            .orElse("") + "”, which means nothing there.");
        }
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
        return text.isEmpty() ? nothing("an amount like 8.54") : found(MoneyText.readCents(text, decimals));
    }

    /** A percentage up to {@code most}, in thousandths. */
    Optional<Integer> thousandths(String text, int most) {
        String figure = text.replace("%", "").strip();
        if (figure.isEmpty()) {
            return nothing(PER_CENT);
        }
        Optional<BigDecimal> perCent = found(FigureText.read(figure, decimals)).map(BigDecimal::stripTrailingZeros);
        if (perCent.isPresent() && perCent.get().scale() > THOUSANDTHS_PLACES) {
            return refused("“" + text + "” has more than " + THOUSANDTHS_PLACES + " decimals.");
        }
        if (perCent.isPresent() && perCent.get().compareTo(BigDecimal.valueOf(most)) > 0) {
            return refused("“" + text + "” is more than " + most + " %.");
        }
        return perCent.map(each -> each.movePointRight(THOUSANDTHS_PLACES).intValueExact());
    }

    /** A whole number from {@code minimum} to {@code most}. */
    Optional<Integer> whole(int index, int minimum, int most) {
        if (cell(index).isEmpty()) {
            return nothing("a whole number");
        }
        Optional<BigDecimal> figure =
                found(FigureText.read(cell(index), decimals)).map(BigDecimal::stripTrailingZeros);
        boolean good = figure.isPresent()
                && figure.get().scale() <= 0
                && figure.get().compareTo(BigDecimal.valueOf(minimum)) >= 0
                && figure.get().compareTo(BigDecimal.valueOf(most)) <= 0;
        return figure.isEmpty() || good
                ? figure.map(BigDecimal::intValueExact)
                : refused(String.format(
                        Locale.US, "“%s” is no whole number from %,d to %,d.", cell(index), minimum, most));
    }

    Optional<LocalDate> day(int index) {
        return cell(index).isEmpty()
                ? nothing("a day like 2026-01-05")
                : found(DayText.read(cell(index), DayText.Order.MONTH_FIRST));
    }

    /** A weight; zero only as {@code 0}. */
    Optional<Weight> weightOrZero(String text, UnitSystem units) {
        return text.matches("0( ?[a-z]+)?") ? Optional.of(Weight.ZERO) : weight(text, units);
    }

    Optional<Weight> weight(String text, UnitSystem units) {
        return text.isEmpty() ? nothing("a weight") : found(MeasureText.readWeight(text, units, decimals));
    }

    Optional<Length> length(String text, UnitSystem units) {
        return text.isEmpty() ? nothing("a length") : found(MeasureText.readLength(text, units, decimals));
    }

    private <T> Optional<T> found(Reading<T> reading) {
        if (reading instanceof Reading.Refused<T> refused) {
            refuse(refused.reason() + " " + refused.remedy());
        }
        return reading.found();
    }

    private <T> Optional<T> nothing(String expected) {
        return refused("A cell is empty where " + expected + " should be.");
    }

    private <T> Optional<T> refused(String reason) {
        refuse(reason);
        return Optional.empty();
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
