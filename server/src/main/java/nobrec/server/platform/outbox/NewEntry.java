package nobrec.server.platform.outbox;

import org.jspecify.annotations.Nullable;

/**
 * Work to be put into the outbox.
 *
 * @param summary what is done, for people
 * @param target the code of the connection it goes to
 * @param request what is sent, in our own form; empty text when there is nothing to send
 * @param reverses id of the entry that it reverses; null where it reverses none
 */
public record NewEntry(
        OutboxKind kind,
        Subject subject,
        String target,
        String summary,
        String request,
        @Nullable Long reverses) {

    public NewEntry(OutboxKind kind, Subject subject, String target, String summary, String request) {
        this(kind, subject, target, summary, request, null);
    }

    /** Work that stays in the house. */
    public static NewEntry ours(OutboxKind kind, Subject subject) {
        return new NewEntry(kind, subject, OutboxEntry.OURS, kind.words(), "");
    }
}
