package nobrec.server.platform.outbox;

import java.time.Instant;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/**
 * Work that must be done once, though anything may fail on the way. A row of table outbox.
 *
 * @param entryKey the key under which a system outside does it once
 * @param target the connection it goes to; {@link #OURS} when it stays in the house
 * @param doneAt null until it is done
 * @param reverses id of the entry that it reverses; null where it reverses none
 * @param moment what became of the subject, that is told; empty text for other work
 * @param amount money that hangs on it; null for none
 */
public record OutboxEntry(
        long id,
        String entryKey,
        OutboxKind kind,
        Subject.Kind subjectKind,
        long subjectId,
        String subjectName,
        String target,
        String summary,

        String request,
        OutboxState state,
        int attempts,
        Instant nextTryAt,
        String answer,
        Instant madeAt,
        @Nullable Instant doneAt,
        @Nullable Long reverses,
        String moment,
        @Nullable Money amount) {

    /** The target of what stays in the house. */
    public static final String OURS = "nobrec";

    public Subject subject() {
        return new Subject(subjectKind, subjectId, subjectName);
    }
}
