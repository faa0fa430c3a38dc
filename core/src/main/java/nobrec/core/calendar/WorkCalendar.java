package nobrec.core.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;
import nobrec.core.limit.Limits;

/**
 * The days that count at one of our sites. Working days, by which carriers count days on the way, are Monday to Friday without
 * the public holidays of the site's country; on a closing day of our own nothing leaves, though carriers work. Known two years
 * wider than the days a record may name.
 */
public final class WorkCalendar {

    private static final LocalDate FIRST = Limits.FIRST_DAY.minusYears(2);
    private static final LocalDate END = Limits.LAST_DAY.plusYears(2).plusDays(1);
    private static final int DAYS = (int) (END.toEpochDay() - FIRST.toEpochDay());

    private final PublicHolidays holidays;
    private final Set<LocalDate> closingDays;

    /** For each day how many working days lie before it; and the working days themselves, in order. Never changed. */
    private final int[] before = new int[DAYS + 1];

    private final LocalDate[] working;

    private WorkCalendar(PublicHolidays holidays, Set<LocalDate> closingDays) {
        this.holidays = holidays;
        this.closingDays = Set.copyOf(closingDays);
        Set<LocalDate> observed = new HashSet<>();
        for (int year = FIRST.getYear(); year < END.getYear(); year++) {
            observed.addAll(holidays.observedIn(year));
        }
        LocalDate[] found = new LocalDate[DAYS];
        int count = 0;
        for (int index = 0; index < DAYS; index++) {
            before[index] = count;
            LocalDate day = FIRST.plusDays(index);
            if (day.getDayOfWeek() != DayOfWeek.SATURDAY
                    && day.getDayOfWeek() != DayOfWeek.SUNDAY
                    && !observed.contains(day)) {
                found[count++] = day;
            }
        }
        before[DAYS] = count;
        working = Arrays.copyOf(found, count);
    }

    /**
     * @param country by its code (ISO 3166-1)
     * @param closingDays on which nothing leaves, whatever carriers do
     */
    public static WorkCalendar of(String country, Set<LocalDate> closingDays) {
        return new WorkCalendar(
                PublicHolidays.of(country)
                        .orElseThrow(() ->
                                new IllegalArgumentException("The public holidays of " + country + " are not known.")),
                closingDays);
    }

    public boolean isWorkingDay(LocalDate day) {
        int index = index(day);
        return before[index + 1] > before[index];
    }

    /** Whether something can leave that day. */
    public boolean isOpen(LocalDate day) {
        return isWorkingDay(day) && !closingDays.contains(day);
    }

    /** That day when something can leave on it, else the next such day. */
    public LocalDate openOrNext(LocalDate day) {
        LocalDate candidate = day;
        while (!isOpen(candidate)) {
            candidate = candidate.plusDays(1);
        }
        return candidate;
    }

    /** The day {@code count} working days after {@code day}. */
    public LocalDate after(LocalDate day, int count) {
        return count == 0 ? day : working[before[index(day) + 1] + count - 1];
    }

    /**
     * The same where the last of the days may be a Saturday that is no holiday: what would be there on the Monday is there two
     * days earlier.
     */
    public LocalDate afterWithSaturdayDelivery(LocalDate day, int count) {
        LocalDate delivery = after(day, count);
        LocalDate dayBefore = after(day, Math.max(0, count - 1));
        LocalDate next = dayBefore.plusDays(1);
        boolean saturday = count > 0 && next.getDayOfWeek() == DayOfWeek.SATURDAY && next.isBefore(delivery);
        return saturday && !holidays.fallsOn(next) ? next : delivery;
    }

    /** The last working day on which something that takes {@code count} working days can start to be there on {@code day}. */
    public LocalDate before(LocalDate day, int count) {
        return working[before[index(day) + 1] - 1 - count];
    }

    /** How many working days lie after {@code from} up to and with {@code to}; zero when {@code to} is not later. */
    public int between(LocalDate from, LocalDate to) {
        return Math.max(0, before[index(to) + 1] - before[index(from) + 1]);
    }

    private static int index(LocalDate day) {
        int index = (int) (day.toEpochDay() - FIRST.toEpochDay());
        if (index < 0 || index >= DAYS) {
            throw new IllegalArgumentException("Working days are not known for " + day + ".");
        }
        return index;
    }
}
