package nobrec.server.posting;

import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.server.platform.outbox.OutboxKind;

/** The kinds of outbox entries that are write-backs. */
final class PostingKinds {

    /** What each is reversed by. */
    static final Map<OutboxKind, OutboxKind> REVERSALS = Map.of(
            OutboxKind.INVOICE, OutboxKind.INVOICE_REVERSAL,
            OutboxKind.JOURNAL, OutboxKind.JOURNAL_REVERSAL);

    /** What goes into the books. */
    static final Set<OutboxKind> BOOKS = Stream.concat(REVERSALS.keySet().stream(), REVERSALS.values().stream())
            .collect(Collectors.toUnmodifiableSet());

    static final Set<OutboxKind> ALL = Stream.concat(
                    BOOKS.stream(), Stream.of(OutboxKind.SOURCE, OutboxKind.SOURCE_REVERSAL, OutboxKind.EVENT))
            .collect(Collectors.toUnmodifiableSet());

    /** All that others are told: write-backs, and notices to partners. */
    static final Set<OutboxKind> TOLD = Stream.concat(
                    ALL.stream(), Stream.of(OutboxKind.SHIP_NOTICE, OutboxKind.SHIP_NOTICE_REVERSAL))
            .collect(Collectors.toUnmodifiableSet());

    private PostingKinds() {}
}
