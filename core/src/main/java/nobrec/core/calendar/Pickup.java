package nobrec.core.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Set;

/**
 * When packages leave one of our sites with a carrier, whose driver comes or to whose counter we bring them: those closed before the
 * cut-off leave that day.
 *
 * @param cutOff in the site's own time
 * @param days days of the week on which they leave, but for holidays and our own closing days
 * @param calendar of the site
 */
public record Pickup(LocalTime cutOff, Set<DayOfWeek> days, WorkCalendar calendar, LeavesBy by) {

    public Pickup {
        if (days.isEmpty()) {
            throw new IllegalArgumentException("A pickup without a day of the week never comes.");
        }
        days = Set.copyOf(days);
    }

    /** One for which the driver comes. */
    public Pickup(LocalTime cutOff, Set<DayOfWeek> days, WorkCalendar calendar) {
        this(cutOff, days, calendar, LeavesBy.PICKUP);
    }

    public boolean comesOn(LocalDate day) {
        return days.contains(day.getDayOfWeek()) && calendar.isOpen(day);
    }

    /** The day on which something ready at {@code moment} leaves: a package ready at the cut-off itself has missed it. */
    public LocalDate departureFor(LocalDateTime moment) {
        LocalDate day = moment.toLocalDate();
        if (comesOn(day) && moment.toLocalTime().isBefore(cutOff)) {
            return day;
        }
        LocalDate candidate = day.plusDays(1);
        while (!comesOn(candidate)) {
            candidate = candidate.plusDays(1);
        }
        return candidate;
    }
}
