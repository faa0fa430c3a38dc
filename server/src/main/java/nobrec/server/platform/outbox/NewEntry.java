package nobrec.server.platform.outbox;

/**
 * Work to be put into the outbox.
 *
 * @param summary what is done, for people
 * @param target the code of the connection it goes to
 * @param request what is sent, in our own form; empty text when there is nothing to send
 */
public record NewEntry(OutboxKind kind, Subject subject, String target, String summary, String request) {

    /** Work that stays in the house. */
    public static NewEntry ours(OutboxKind kind, Subject subject) {
        return new NewEntry(kind, subject, OutboxEntry.OURS, kind.words(), "");
    }
}
