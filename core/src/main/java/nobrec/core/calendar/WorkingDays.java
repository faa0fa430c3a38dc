package nobrec.core.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;
import nobrec.core.limit.Limits;

/** Monday to Friday without the public holidays of the United States, two years wider than the days a record may name. */
public final class WorkingDays {

    private static final LocalDate FIRST = Limits.FIRST_DAY.minusYears(2);
    private static final LocalDate END = Limits.LAST_DAY.plusYears(2).plusDays(1);
    private static final int DAYS = (int) (END.toEpochDay() - FIRST.toEpochDay());

    /** For each day how many working days lie before it; and the working days themselves, in order. Never changed. */
    private static final int[] BEFORE = new int[DAYS + 1];

    private static final LocalDate[] WORKING;

    static {
        Set<LocalDate> holidays = new HashSet<>();
        for (int year = FIRST.getYear(); year < END.getYear(); year++) {
            holidays.addAll(FederalHolidays.of(year));
        }
        LocalDate[] working = new LocalDate[DAYS];
        int count = 0;
        for (int index = 0; index < DAYS; index++) {
            BEFORE[index] = count;
            LocalDate day = FIRST.plusDays(index);
            if (day.getDayOfWeek() != DayOfWeek.SATURDAY
                    && day.getDayOfWeek() != DayOfWeek.SUNDAY
                    && !holidays.contains(day)) {
                working[count++] = day;
            }
        }
        BEFORE[DAYS] = count;
        WORKING = Arrays.copyOf(working, count);
    }

    private WorkingDays() {}

    public static boolean isWorkingDay(LocalDate day) {
        int index = index(day);
        return BEFORE[index + 1] > BEFORE[index];
    }

    /** That day when it is a working day, else the next one. */
    public static LocalDate sameOrNext(LocalDate day) {
        return WORKING[BEFORE[index(day)]];
    }

    /** The day {@code count} working days after {@code day}. */
    public static LocalDate after(LocalDate day, int count) {
        return count == 0 ? day : WORKING[BEFORE[index(day) + 1] + count - 1];
    }

    /**
     * The same where the last of the days may be a Saturday that is no holiday: what would be there on the Monday is there two
     * days earlier.
     */
    public static LocalDate afterWithSaturdayDelivery(LocalDate day, int count) {
        LocalDate delivery = after(day, count);
        LocalDate dayBefore = after(day, Math.max(0, count - 1));
        LocalDate next = dayBefore.plusDays(1);
        boolean saturday = count > 0 && next.getDayOfWeek() == DayOfWeek.SATURDAY && next.isBefore(delivery);
        return saturday && !FederalHolidays.fallsOn(next) ? next : delivery;
    }

    /** The last working day on which something that takes {@code count} working days can start to be there on {@code day}. */
    public static LocalDate before(LocalDate day, int count) {
        return WORKING[BEFORE[index(day) + 1] - 1 - count];
    }

    /** How many working days lie after {@code from} up to and with {@code to}; zero when {@code to} is not later. */
    public static int between(LocalDate from, LocalDate to) {
        return Math.max(0, BEFORE[index(to) + 1] - BEFORE[index(from) + 1]);
    }

    private static int index(LocalDate day) {
        int index = (int) (day.toEpochDay() - FIRST.toEpochDay());
        if (index < 0 || index >= DAYS) {
            throw new IllegalArgumentException("Working days are not known for " + day + ".");
        }
        return index;
    }
}
