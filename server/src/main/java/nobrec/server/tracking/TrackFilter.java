package nobrec.server.tracking;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import nobrec.core.tracking.Track;
import org.jspecify.annotations.Nullable;

/**
 * Which packages are looked at; what is null counts for all.
 *
 * @param states empty for all
 * @param open only those of which nobody has said that they need nothing more
 * @param newestFirst else what left first comes first
 */
record TrackFilter(
        Collection<Track.State> states,
        @Nullable LocalDate promisedBefore,
        @Nullable LocalDate promisedOn,
        @Nullable LocalDate deliveredOn,
        @Nullable Instant movedBefore,
        boolean open,
        @Nullable String carrier,
        boolean newestFirst) {}
