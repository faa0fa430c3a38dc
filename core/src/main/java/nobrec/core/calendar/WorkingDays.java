package nobrec.core.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;

/** Monday to Friday without the public holidays of the United States. */
public final class WorkingDays {

    private WorkingDays() {}

    public static boolean isWorkingDay(LocalDate day) {
        return day.getDayOfWeek() != DayOfWeek.SATURDAY
                && day.getDayOfWeek() != DayOfWeek.SUNDAY
                && !FederalHolidays.of(day.getYear()).contains(day);
    }

    /** That day when it is a working day, else the next one. */
    public static LocalDate sameOrNext(LocalDate day) {
        LocalDate candidate = day;
        while (!isWorkingDay(candidate)) {
            candidate = candidate.plusDays(1);
        }
        return candidate;
    }

    /** The day {@code count} working days after {@code day}. */
    public static LocalDate after(LocalDate day, int count) {
        LocalDate candidate = day;
        for (int passed = 0; passed < count; passed++) {
            candidate = sameOrNext(candidate.plusDays(1));
        }
        return candidate;
    }

    /** The last working day on which something that takes {@code count} working days can start to be there on {@code day}. */
    public static LocalDate before(LocalDate day, int count) {
        LocalDate candidate = sameOrPrevious(day);
        for (int passed = 0; passed < count; passed++) {
            candidate = sameOrPrevious(candidate.minusDays(1));
        }
        return candidate;
    }

    /** How many working days lie after {@code from} up to and with {@code to}; zero when {@code to} is not later. */
    public static int between(LocalDate from, LocalDate to) {
        int count = 0;
        for (LocalDate day = from.plusDays(1); !day.isAfter(to); day = day.plusDays(1)) {
            if (isWorkingDay(day)) {
                count++;
            }
        }
        return count;
    }

    private static LocalDate sameOrPrevious(LocalDate day) {
        LocalDate candidate = day;
        while (!isWorkingDay(candidate)) {
            candidate = candidate.minusDays(1);
        }
        return candidate;
    }
}
