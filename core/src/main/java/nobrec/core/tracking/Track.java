package nobrec.core.tracking;

import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * How a package stands by all that was ever said of it. It is the same in whatever order that came to us: only the times at which
 * things happened count. Once delivered it stays so.
 */
public final class Track {

    /** Where a package is on its way. */
    public enum State {
        EXPECTED("the carrier has not said that it has it", false),
        ON_THE_WAY("on the way", false),
        OUT_FOR_DELIVERY("out for delivery", false),
        EXCEPTION("exception", false),
        SENT_BACK("sent back", true),
        DELIVERED("delivered", true);

        private final String words;
        private final boolean last;

        State(String words, boolean last) {
            this.words = words;
            this.last = last;
        }

        public String words() {
            return words;
        }

        /** Whether nothing more is to be expected. */
        public boolean isLast() {
            return last;
        }
    }

    private final List<TrackingEvent> events;

    private Track(List<TrackingEvent> events) {
        this.events = events;
    }

    public static Track of(Collection<TrackingEvent> events) {
        return new Track(events.stream().sorted(TrackingEvent.IN_TIME).toList());
    }

    /** What happened first comes first. */
    public List<TrackingEvent> events() {
        return events;
    }

    public State state() {
        if (delivered().isPresent()) {
            return State.DELIVERED;
        }
        return first(TrackingEventKind.SENT_BACK)
                .or(this::last)
                .map(event -> event.kind().state())
                .orElse(State.EXPECTED);
    }

    public Optional<TrackingEvent> last() {
        return events.isEmpty() ? Optional.empty() : Optional.of(events.get(events.size() - 1));
    }

    public Optional<TrackingEvent> delivered() {
        return first(TrackingEventKind.DELIVERED);
    }

    /** What went wrong and still counts. */
    public Optional<TrackingEvent> exception() {
        return switch (state()) {
            case EXCEPTION -> last();
            case SENT_BACK -> first(TrackingEventKind.SENT_BACK);
            default -> Optional.empty();
        };
    }

    private Optional<TrackingEvent> first(TrackingEventKind kind) {
        return events.stream().filter(event -> event.kind() == kind).findFirst();
    }
}
