package nobrec.server.tracking;

import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import nobrec.core.tracking.TrackingEvent;
import nobrec.core.tracking.TrackingEventKind;

/**
 * A row of table tracking_event.
 *
 * @param pushed whether the carrier told it unasked
 */
record EventRow(
        long trackId,
        String eventKey,
        TrackingEventKind kind,
        Instant happenedAt,
        int offsetMinutes,
        String place,
        String text,
        boolean pushed,
        Instant learnedAt) {

    private static final int SECONDS = 60;

    static EventRow of(long trackId, TrackingEvent event, boolean pushed, Instant now) {
        return new EventRow(
                trackId,
                event.key(),
                event.kind(),
                event.at().toInstant(),
                event.at().getOffset().getTotalSeconds() / SECONDS,
                event.place(),
                event.text(),
                pushed,
                now);
    }

    TrackingEvent event() {
        return new TrackingEvent(
                eventKey,
                kind,
                OffsetDateTime.ofInstant(happenedAt, ZoneOffset.ofTotalSeconds(offsetMinutes * SECONDS)),
                place,
                text);
    }
}
