package nobrec.core.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.TemporalAdjusters;
import java.util.HashSet;
import java.util.Set;

/**
 * The public holidays of the United States on the day they are observed. Source: 5 U.S.C. 6103; a holiday on a Saturday
 * is observed on the Friday before, on a Sunday on the Monday after.
 */
final class FederalHolidays implements PublicHolidays {

    @Override
    public Set<LocalDate> observedIn(int year) {
        Set<LocalDate> days = new HashSet<>();
        for (int each : new int[] {year, year + 1}) {
            days.addAll(ofOneYear(each));
        }
        days.removeIf(day -> day.getYear() != year);
        return days;
    }

    private static Set<LocalDate> ofOneYear(int year) {
        return Set.of(
                observed(LocalDate.of(year, Month.JANUARY, 1)),
                nth(year, Month.JANUARY, 3, DayOfWeek.MONDAY),
                nth(year, Month.FEBRUARY, 3, DayOfWeek.MONDAY),
                LocalDate.of(year, Month.MAY, 31).with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)),
                observed(LocalDate.of(year, Month.JUNE, 19)),
                observed(LocalDate.of(year, Month.JULY, 4)),
                nth(year, Month.SEPTEMBER, 1, DayOfWeek.MONDAY),
                nth(year, Month.OCTOBER, 2, DayOfWeek.MONDAY),
                observed(LocalDate.of(year, Month.NOVEMBER, 11)),
                nth(year, Month.NOVEMBER, 4, DayOfWeek.THURSDAY),
                observed(LocalDate.of(year, Month.DECEMBER, 25)));
    }

    @Override
    public boolean fallsOn(LocalDate day) {
        int monthAndDay = day.getMonthValue() * 100 + day.getDayOfMonth();
        return monthAndDay == 101
                || monthAndDay == 619
                || monthAndDay == 704
                || monthAndDay == 1111
                || monthAndDay == 1225;
    }

    private static LocalDate nth(int year, Month month, int count, DayOfWeek day) {
        return LocalDate.of(year, month, 1).with(TemporalAdjusters.dayOfWeekInMonth(count, day));
    }

    private static LocalDate observed(LocalDate day) {
        return switch (day.getDayOfWeek()) {
            case SATURDAY -> day.minusDays(1);
            case SUNDAY -> day.plusDays(1);
            default -> day;
        };
    }
}
