package nobrec.server.platform.outbox;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * Which entries are looked at.
 *
 * @param state null for all
 * @param target empty text for all
 * @param subjectName empty text for all
 * @param from when they were made; null for any time
 * @param until not any more; null for any time
 */
public record OutboxFilter(
        @Nullable OutboxState state,
        String target,
        String subjectName,
        @Nullable Instant from,
        @Nullable Instant until) {

    /** The same, of one state. */
    public OutboxFilter in(OutboxState other) {
        return new OutboxFilter(other, target, subjectName, from, until);
    }
}
