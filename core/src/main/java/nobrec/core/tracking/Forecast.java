package nobrec.core.tracking;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import nobrec.core.calendar.WorkCalendar;

/**
 * The day on which a package will be there, as far as can be said.
 *
 * @param day empty where none can be said
 * @param reason why that day, or why none
 */
public record Forecast(Optional<LocalDate> day, String reason) {

    /**
     * What it is read from.
     *
     * @param promise the day we were promised
     * @param carrierSays the carrier's own latest estimate
     * @param lane how others came in
     */
    public record Known(LocalDate promise, Optional<LocalDate> carrierSays, Optional<OnTimeRecord> lane) {}

    /** @param zone in which {@code today} is */
    public static Forecast of(Track track, Known known, LocalDate today, ZoneId zone, WorkCalendar calendar) {
        if (track.state() == Track.State.DELIVERED) {
            return new Forecast(Optional.empty(), "It is there.");
        }
        Optional<TrackingEvent> trouble =
                track.exception().filter(event -> event.kind().endsTheHope());
        if (trouble.isPresent()) {
            return new Forecast(
                    Optional.empty(), "No day can be said: " + trouble.get().said() + ".");
        }
        if (isOutToday(track, today, zone)) {
            return new Forecast(Optional.of(today), "It is out for delivery.");
        }
        if (known.carrierSays().filter(day -> !day.isBefore(today)).isPresent()) {
            return new Forecast(known.carrierSays(), "The carrier says so.");
        }
        return byExperience(known, today, calendar);
    }

    private static boolean isOutToday(Track track, LocalDate today, ZoneId zone) {
        return track.state() == Track.State.OUT_FOR_DELIVERY
                && track.last()
                        .filter(event ->
                                event.at().atZoneSameInstant(zone).toLocalDate().equals(today))
                        .isPresent();
    }

    private static Forecast byExperience(Known known, LocalDate today, WorkCalendar calendar) {
        int delay = known.lane().map(OnTimeRecord::usualDelay).orElse(0);
        LocalDate usual = delay == 0 ? known.promise() : calendar.after(known.promise(), delay);
        if (usual.isBefore(today)) {
            return new Forecast(
                    Optional.of(calendar.after(today, 1)),
                    "It is late, and the carrier names no day: the next working day at the earliest.");
        }
        return delay == 0
                ? new Forecast(Optional.of(usual), "Nothing speaks against the promised day.")
                : new Forecast(
                        Optional.of(usual),
                        "Half of the shipments to " + known.lane().orElseThrow().area()
                                + " came later than promised, usually by " + delay
                                + (delay == 1 ? " day." : " days."));
    }
}
