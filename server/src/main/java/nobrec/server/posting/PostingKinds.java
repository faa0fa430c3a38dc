package nobrec.server.posting;

import java.util.Set;
import nobrec.server.connection.Connections;
import nobrec.server.platform.outbox.OutboxKind;

/** The kinds of outbox entries that are write-backs. */
final class PostingKinds {

    static final Set<OutboxKind> ALL = Set.of(OutboxKind.INVOICE, OutboxKind.SOURCE, OutboxKind.JOURNAL);

    private PostingKinds() {}

    /** The connection it goes to. */
    static String target(OutboxKind kind) {
        return kind == OutboxKind.SOURCE ? Connections.ORDER_DESK : Connections.BOOKS;
    }
}
