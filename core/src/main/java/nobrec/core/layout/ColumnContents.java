package nobrec.core.layout;

import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import nobrec.core.address.Countries;
import nobrec.core.address.UnitedStates;
import nobrec.core.layout.OrderField.Form;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.FigureText;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.Reading;
import nobrec.core.wordbook.SourceWords;
import nobrec.core.wordbook.WordKind;

/** What some cells of a column look like. */
final class ColumnContents {

    private static final Pattern MAIL = Pattern.compile("[^@\\s]+@[^@\\s]+\\.[A-Za-z]{2,}");
    private static final Pattern PHONE = Pattern.compile("[+(]?[0-9][0-9 ().+x-]{6,}");
    private static final Pattern WITH_UNIT = Pattern.compile(".*\\d\\s*[a-zA-Z#]+\\.?");
    private static final Pattern SIDES = Pattern.compile(".*\\d.*[xX×*].*\\d.*[xX×*].*\\d.*");
    private static final Pattern POSTAL = Pattern.compile("\\d{5}(-?\\d{4})?");

    private final List<String> cells;
    private final SourceWords words;

    ColumnContents(List<String> cells, SourceWords words) {
        this.cells = cells.stream()
                .filter(each -> !each.isBlank())
                .map(String::strip)
                .toList();
        this.words = words;
    }

    boolean isEmpty() {
        return cells.isEmpty();
    }

    /** Whether most of the cells pass. */
    private boolean most(Predicate<String> test) {
        long pass = cells.stream().filter(test).count();
        return !cells.isEmpty() && pass * 4 >= cells.size() * 3L;
    }

    boolean areDays() {
        return !cells.isEmpty() && days() * 4 >= cells.size() * 3L;
    }

    private long days() {
        return cells.stream()
                .filter(each -> isDay(each, DayText.Order.MONTH_FIRST) || isDay(each, DayText.Order.DAY_FIRST))
                .count();
    }

    private static boolean isDay(String text, DayText.Order order) {
        return DayText.read(text, order).found().isPresent();
    }

    /** Whether a day cannot be read month first and can be read day first. */
    boolean showDayFirst() {
        return cells.stream()
                .anyMatch(each -> !isDay(each, DayText.Order.MONTH_FIRST) && isDay(each, DayText.Order.DAY_FIRST));
    }

    boolean areMails() {
        return most(each -> MAIL.matcher(each).matches());
    }

    boolean arePhones() {
        return most(each -> PHONE.matcher(each).matches()
                        && each.replaceAll("\\D", "").length() >= 7)
                && cells.stream().anyMatch(each -> !each.matches("\\d+"));
    }

    boolean areStates() {
        return most(each ->
                each.matches("[A-Za-z]{2}") && UnitedStates.readState(each).isPresent());
    }

    boolean arePostalCodes() {
        return most(each -> POSTAL.matcher(each).matches());
    }

    boolean areCountries() {
        return most(each -> Countries.read(each).isPresent());
    }

    boolean areSizes() {
        return most(each -> SIDES.matcher(each).matches());
    }

    boolean areWeightsWithUnit() {
        return most(each -> WITH_UNIT.matcher(each).matches()
                && MeasureText.readWeight(each, UnitSystem.POUND_INCH, DecimalMark.POINT) instanceof Reading.Read);
    }

    boolean areKnown(WordKind kind) {
        return most(each -> words.meaning(kind, each).isPresent());
    }

    boolean areFigures() {
        return most(each -> isFigure(each.startsWith("$") ? each.substring(1).strip() : each));
    }

    private static boolean isFigure(String text) {
        return FigureText.read(text, DecimalMark.POINT).found().isPresent()
                || FigureText.read(text, DecimalMark.COMMA).found().isPresent();
    }

    boolean areWhole() {
        return most(each -> each.matches("\\d{1,6}([.,]0+)?"));
    }

    /** Whether these cells can be what a field of this form has; empty ones say nothing. */
    boolean canBe(Form form) {
        return isEmpty()
                || switch (form) {
                    case DAY -> days() * 2 >= cells.size();
                    case PIECES -> areWhole() || areFigures();
                    case WEIGHT, LENGTH -> areFigures() || areMeasures();
                    case SIZE -> areSizes();
                    case MONEY -> areFigures();
                    case YES_NO -> most(each -> each.length() <= 5);
                    case TEXT, WORD -> true;
                };
    }

    private boolean areMeasures() {
        return most(each -> WITH_UNIT.matcher(each).matches() && Character.isDigit(each.charAt(0)));
    }
}
