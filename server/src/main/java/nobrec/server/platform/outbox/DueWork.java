package nobrec.server.platform.outbox;

import java.time.Instant;
import java.util.Optional;

/**
 * Work that stands in a table with the time at which it is due, and is carried out by whichever server takes it first.
 *
 * @param <T> a row of it
 */
public interface DueWork<T> {

    /** How it is called in the log. */
    String name();

    /** The next row that is due, locked and passing over those that are ({@code FOR UPDATE SKIP LOCKED}). */
    Optional<T> nextDue(DueTimes times);

    /** Counts one more attempt, and keeps the row from all others until then. */
    void take(T row, Instant until);

    /** Carries it out, outside any transaction, and stores what came of it. */
    void carryOut(T row);

    /** It did not come to an end for a fault of ours: it is tried again later. */
    void failed(T row, String reason);
}
