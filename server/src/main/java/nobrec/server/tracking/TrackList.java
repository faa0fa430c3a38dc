package nobrec.server.tracking;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import nobrec.core.tracking.Track;
import org.jspecify.annotations.Nullable;

/** Packages that are looked at together. */
enum TrackList {
    EXCEPTION("Exception") {
        @Override
        TrackFilter filter(Asked asked) {
            return new TrackFilter(
                    List.of(Track.State.EXCEPTION, Track.State.SENT_BACK),
                    null,
                    null,
                    null,
                    null,
                    true,
                    asked.carrier(),
                    false);
        }
    },
    LATE("Late") {
        @Override
        TrackFilter filter(Asked asked) {
            return new TrackFilter(UNDERWAY, asked.today(), null, null, null, true, asked.carrier(), false);
        }
    },
    NO_MOVEMENT("No movement") {
        @Override
        TrackFilter filter(Asked asked) {
            Instant before = asked.now().minus(Duration.ofDays(asked.days()));
            return new TrackFilter(UNDERWAY, null, null, null, before, true, asked.carrier(), false);
        }
    },
    DUE_TODAY("Due today") {
        @Override
        TrackFilter filter(Asked asked) {
            return new TrackFilter(UNDERWAY, null, asked.today(), null, null, false, asked.carrier(), false);
        }
    },
    DELIVERED_TODAY("Delivered today") {
        @Override
        TrackFilter filter(Asked asked) {
            return new TrackFilter(
                    List.of(Track.State.DELIVERED), null, null, asked.today(), null, false, asked.carrier(), true);
        }
    },
    EN_ROUTE("All en route") {
        @Override
        TrackFilter filter(Asked asked) {
            return new TrackFilter(UNDERWAY, null, null, null, null, false, asked.carrier(), true);
        }
    };

    private static final List<Track.State> UNDERWAY =
            Arrays.stream(Track.State.values()).filter(state -> !state.isLast()).toList();

    /**
     * @param days without movement
     * @param carrier null for all
     */
    record Asked(
            LocalDate today,
            Instant now,
            int days,
            @Nullable String carrier) {}

    private final String words;

    TrackList(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }

    abstract TrackFilter filter(Asked asked);
}
