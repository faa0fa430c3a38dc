package nobrec.core.departure;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Optional;
import nobrec.core.calendar.Pickup;
import nobrec.core.limit.Limits;
import nobrec.core.notation.DayWords;
import nobrec.core.service.Destination;
import nobrec.core.service.Service;

/**
 * Which departure a job that is not yet shipped needs.
 *
 * @param leaveBy last day it can leave to be there on the promise date; empty when nothing is promised
 * @param nextDeparture the day of the next pickup it can still make
 */
public record DepartureOutlook(Verdict verdict, Optional<LocalDate> leaveBy, LocalDate nextDeparture, String reason) {

    /** How urgent a job is. */
    public enum Verdict {
        WILL_MISS,
        MUST_LEAVE_TODAY,
        CAN_WAIT
    }

    /** @param now in the site's own time */
    public static DepartureOutlook of(
            Optional<LocalDate> promiseDate,
            Service service,
            Destination destination,
            Pickup pickup,
            LocalDateTime now) {
        int transit = service.transitDaysTo(destination);
        LocalDate next = pickup.departureFor(now);
        LocalDate arrival = pickup.calendar().after(next, transit);
        String way = transit + (transit == 1 ? " working day" : " working days") + " on the way.";
        if (promiseDate.isEmpty()) {
            return new DepartureOutlook(Verdict.CAN_WAIT, Optional.empty(), next, "No promise date; " + way);
        }
        LocalDate promise = promiseDate.get();
        if (!Limits.holdsDay(promise)) {
            return new DepartureOutlook(
                    Verdict.WILL_MISS,
                    Optional.empty(),
                    next,
                    "The promise date " + promise + " cannot be right: correct the record where it comes from.");
        }
        LocalDate leaveBy = lastDeparture(pickup, pickup.calendar().before(promise, transit));
        if (arrival.isAfter(promise)) {
            return new DepartureOutlook(
                    Verdict.WILL_MISS,
                    Optional.of(leaveBy),
                    next,
                    "Promised " + DayWords.day(promise) + ", there " + DayWords.day(arrival) + " at the earliest: "
                            + way);
        }
        boolean today = next.equals(now.toLocalDate()) && !leaveBy.isAfter(now.toLocalDate());
        return new DepartureOutlook(
                today ? Verdict.MUST_LEAVE_TODAY : Verdict.CAN_WAIT,
                Optional.of(leaveBy),
                next,
                "Promised " + DayWords.day(promise) + ": " + way);
    }

    private static LocalDate lastDeparture(Pickup pickup, LocalDate day) {
        LocalDate candidate = day;
        while (!pickup.comesOn(candidate)) {
            candidate = candidate.minusDays(1);
        }
        return candidate;
    }
}
