package nobrec.server.posting;

import java.util.Set;
import nobrec.server.platform.outbox.OutboxKind;

/** The kinds of outbox entries that are write-backs. */
final class PostingKinds {

    static final Set<OutboxKind> ALL = Set.of(OutboxKind.INVOICE, OutboxKind.SOURCE, OutboxKind.JOURNAL);

    private PostingKinds() {}

    /** The name of the system outside. */
    static String system(OutboxKind kind) {
        return kind == OutboxKind.SOURCE ? "Order desk" : "Books";
    }
}
