package nobrec.server.posting;

import java.util.List;
import java.util.Set;
import nobrec.server.booking.ShipmentShipped;
import nobrec.server.connection.Adapters;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxHandler;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxWorker;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import tools.jackson.databind.json.JsonMapper;

/** Sends write-backs; the key keeps a second try from writing twice. */
@Component
class PostingSender implements OutboxHandler {

    private final Outbox outbox;
    private final OutboxWorker worker;
    private final Connections connections;
    private final Adapters<BooksPort> books;
    private final JsonMapper json;

    PostingSender(Outbox outbox, OutboxWorker worker, Connections connections, List<BooksPort> books, JsonMapper json) {
        this.outbox = outbox;
        this.worker = worker;
        this.connections = connections;
        this.books = new Adapters<>(books);
        this.json = json;
    }

    @Override
    public Set<OutboxKind> kinds() {
        return PostingKinds.BOOKS;
    }

    @Override
    public void carryOut(OutboxEntry posting) {
        if (posting.reverses() == null || outbox.isToReverse(posting)) {
            settle(posting, send(posting));
        }
    }

    private void settle(OutboxEntry posting, OutsideAnswer<String> answer) {
        if (answer instanceof OutsideAnswer.Accepted<String> accepted && posting.reverses() != null) {
            outbox.reversed(posting, accepted.result());
        } else if (answer instanceof OutsideAnswer.Accepted<String> accepted) {
            outbox.done(posting, accepted.result());
        } else if (answer instanceof OutsideAnswer.Refused<String> refused) {
            outbox.refused(posting, refused.reason());
        } else if (answer instanceof OutsideAnswer.Unknown<String> unknown) {
            outbox.putOff(posting, unknown.reason());
        } else {
            throw new IllegalStateException("A posting is sent, never looked up.");
        }
    }

    private OutsideAnswer<String> send(OutboxEntry posting) {
        Connection to = connections.to(posting.target());
        String key = posting.entryKey();
        String job = posting.subjectName();
        return switch (posting.kind()) {
            case INVOICE -> books.of(to).addFreight(to, key, job, read(posting, FreightLine.class));
            case INVOICE_REVERSAL -> books.of(to).removeFreight(to, key, job, posting.request());
            case JOURNAL, JOURNAL_REVERSAL -> books.of(to).addEntry(to, key, read(posting, FreightEntry.class));
            default -> throw new IllegalStateException(posting.kind() + " is no posting.");
        };
    }

    private <T> T read(OutboxEntry posting, Class<T> type) {
        return json.readValue(posting.request(), type);
    }

    /** At once after a shipment, so that nobody waits for the next sweep. */
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    void on(ShipmentShipped shipped) {
        worker.start();
    }
}
