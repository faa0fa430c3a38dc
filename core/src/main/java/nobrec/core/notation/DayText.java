package nobrec.core.notation;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nobrec.core.limit.Limits;

/** Days as they are written: {@code 1/5/2027}, {@code 2027-01-05}, {@code Jan 5, 2027}, {@code 5-Jan-2027}. */
public final class DayText {

    /** What comes first where a day is written in figures with the year last. */
    public enum Order {
        MONTH_FIRST,
        DAY_FIRST
    }

    private static final String MIDNIGHT = "(?:[ T]0{1,2}:00(?::00(?:\\.0+)?)?Z?)?";
    private static final Pattern YEAR_FIRST = Pattern.compile("(\\d{4})[-/.](\\d{1,2})[-/.](\\d{1,2})" + MIDNIGHT);
    private static final Pattern YEAR_LAST = Pattern.compile("(\\d{1,2})[-/.](\\d{1,2})[-/.](\\d{4})" + MIDNIGHT);
    private static final Pattern MONTH_NAME = Pattern.compile("([A-Za-z]{3,9})\\.? (\\d{1,2}),? (\\d{4})");
    private static final Pattern NAMED_MONTH = Pattern.compile("(\\d{1,2})[- ]([A-Za-z]{3,9})\\.?[- ](\\d{4})");
    private static final List<String> MONTHS = List.of(
            "january",
            "february",
            "march",
            "april",
            "may",
            "june",
            "july",
            "august",
            "september",
            "october",
            "november",
            "december");

    private DayText() {}

    public static Reading<LocalDate> read(String text, Order order) {
        String plain = text.strip();
        Optional<LocalDate> day;
        try {
            day = day(plain, order);
        } catch (DateTimeException noSuchDay) {
            day = Optional.empty();
        }
        String remedy = order == Order.MONTH_FIRST
                ? "Write month/day/year, like 12/03/2026, or 2026-12-03."
                : "Write day/month/year, like 03/12/2026, or 2026-12-03.";
        if (day.isEmpty()) {
            return Reading.refused("There is no such day.", remedy);
        }
        return Limits.holdsDay(day.get())
                ? Reading.of(day.get())
                : Reading.refused(
                        "The day lies outside the years " + Limits.FIRST_DAY.getYear() + " to "
                                + Limits.LAST_DAY.getYear() + ".",
                        "Check the year.");
    }

    private static Optional<LocalDate> day(String text, Order order) {
        Matcher yearFirst = YEAR_FIRST.matcher(text);
        if (yearFirst.matches()) {
            return Optional.of(LocalDate.of(figure(yearFirst, 1), figure(yearFirst, 2), figure(yearFirst, 3)));
        }
        Matcher yearLast = YEAR_LAST.matcher(text);
        if (yearLast.matches()) {
            boolean monthFirst = order == Order.MONTH_FIRST;
            return Optional.of(LocalDate.of(
                    figure(yearLast, 3), figure(yearLast, monthFirst ? 1 : 2), figure(yearLast, monthFirst ? 2 : 1)));
        }
        Matcher monthName = MONTH_NAME.matcher(text);
        if (monthName.matches()) {
            return month(monthName.group(1))
                    .map(month -> LocalDate.of(figure(monthName, 3), month, figure(monthName, 2)));
        }
        Matcher named = NAMED_MONTH.matcher(text);
        return named.matches()
                ? month(named.group(2)).map(month -> LocalDate.of(figure(named, 3), month, figure(named, 1)))
                : Optional.empty();
    }

    private static int figure(Matcher matcher, int group) {
        return Integer.parseInt(matcher.group(group));
    }

    private static Optional<Integer> month(String name) {
        String small = name.toLowerCase(Locale.ROOT);
        for (int month = 0; month < MONTHS.size(); month++) {
            String full = MONTHS.get(month);
            if (full.equals(small) || full.substring(0, 3).equals(small)) {
                return Optional.of(month + 1);
            }
        }
        return Optional.empty();
    }
}
