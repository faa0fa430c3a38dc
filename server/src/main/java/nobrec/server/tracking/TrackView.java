package nobrec.server.tracking;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.tracking.Track;
import nobrec.core.tracking.TrackingEventKind;
import nobrec.server.api.figure.Amount;

/**
 * A package on its way, as it is shown.
 *
 * @param packageNumber among the packages of its shipment
 * @param packages of its shipment, in all
 * @param said the last thing that is known, in words; empty text where nothing is
 * @param movedAt when that was; before anything was said, when its label was bought
 * @param daysLate after the promised day, up to today or to its delivery; zero in time
 * @param forecast the day on which it will be there; left out where none can be said
 * @param forecastReason why that day, or why none
 * @param onTime how its service keeps its promises to there; empty text where too little is known
 * @param askAt when the carrier is asked next; left out where it is asked no more
 * @param fault why nothing was learned at the last time; empty text where all is well
 * @param closedBy who said that it needs nothing more; empty text for nobody
 */
record TrackView(
        long id,
        String trackingNumber,
        String job,
        String receiver,
        String destination,
        String carrier,
        String service,
        int packageNumber,
        int packages,
        LocalDate shipDate,
        LocalDate promise,
        Track.State state,
        String stateWords,
        String said,
        Instant movedAt,
        int daysLate,
        Optional<LocalDate> forecast,
        String forecastReason,
        String onTime,
        Optional<Instant> askedAt,
        Optional<Instant> askAt,
        String fault,
        String closedBy,
        List<EventView> events,
        List<NoteView> notes) {

    /**
     * @param at with the difference of the place's time from UTC (ISO 8601)
     * @param pushed whether the carrier told it unasked
     */
    record EventView(
            TrackingEventKind kind,
            String words,
            boolean trouble,
            String at,
            String place,
            String text,
            boolean pushed) {}

    record NoteView(NoteKind kind, String words, String text, Optional<Amount> amount, String madeBy, Instant madeAt) {}
}
