package nobrec.server.platform.outbox;

import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/**
 * Work to be put into the outbox.
 *
 * @param summary what is done, for people
 * @param target the code of the connection it goes to
 * @param request what is sent, in our own form; empty text when there is nothing to send
 * @param reverses id of the entry that it reverses; null where it reverses none
 * @param moment what became of the subject, that is told; empty text for other work
 * @param amount money that hangs on it; null for none
 */
public record NewEntry(
        OutboxKind kind,
        Subject subject,
        String target,
        String summary,
        String request,
        @Nullable Long reverses,
        String moment,
        @Nullable Money amount) {

    public NewEntry(
            OutboxKind kind, Subject subject, String target, String summary, String request, @Nullable Long reverses) {
        this(kind, subject, target, summary, request, reverses, "", null);
    }

    public NewEntry(OutboxKind kind, Subject subject, String target, String summary, String request) {
        this(kind, subject, target, summary, request, null);
    }

    /** The same, telling what became of its subject. */
    public NewEntry telling(String told) {
        return new NewEntry(kind, subject, target, summary, request, reverses, told, amount);
    }

    /** The same, with money that hangs on it. */
    public NewEntry worth(@Nullable Money money) {
        return new NewEntry(kind, subject, target, summary, request, reverses, moment, money);
    }

    /** Work that stays in the house. */
    public static NewEntry ours(OutboxKind kind, Subject subject) {
        return new NewEntry(kind, subject, OutboxEntry.OURS, kind.words(), "");
    }
}
