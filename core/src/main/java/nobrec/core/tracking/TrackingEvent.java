package nobrec.core.tracking;

import java.time.OffsetDateTime;
import java.util.Comparator;

/**
 * One thing that a carrier says of a package.
 *
 * @param key by which the carrier knows it; what comes again under the same key is the same
 * @param at with the difference from UTC of the place where it happened
 * @param place as the carrier writes it; empty text where it says none
 * @param text in the carrier's words; empty text where it says no more than the kind
 */
public record TrackingEvent(String key, TrackingEventKind kind, OffsetDateTime at, String place, String text) {

    /** By what happened first; of two at one moment the one that stands later in a package's life counts as later. */
    static final Comparator<TrackingEvent> IN_TIME = Comparator.comparing(
                    (TrackingEvent event) -> event.at().toInstant())
            .thenComparing(TrackingEvent::kind)
            .thenComparing(TrackingEvent::key);

    /** In words, the carrier's where it has any. */
    public String said() {
        String what = text.isBlank() ? kind.words() : text;
        return place.isBlank() ? what : what + ", " + place;
    }
}
