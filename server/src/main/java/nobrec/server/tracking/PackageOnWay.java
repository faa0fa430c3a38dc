package nobrec.server.tracking;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;

/**
 * A package on its way as its receiver may see it.
 *
 * @param state in words
 * @param forecast the day on which it will be there; empty once it is, or where none can be said
 * @param events the newest first
 */
public record PackageOnWay(
        String trackingNumber,
        String carrier,
        String service,
        String state,
        boolean delivered,
        Optional<LocalDate> forecast,
        List<Event> events) {

    /** @param at in the place's own time */
    public record Event(OffsetDateTime at, String words, String place) {}
}
