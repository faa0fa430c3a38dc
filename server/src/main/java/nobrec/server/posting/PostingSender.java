package nobrec.server.posting;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import nobrec.core.books.ClosedInvoice;
import nobrec.server.booking.ShipmentShipped;
import nobrec.server.books.JournalBook;
import nobrec.server.connection.Adapters;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.OutboxAnswers;
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
    private final OutboxAnswers answers;
    private final OutboxWorker worker;
    private final Connections connections;
    private final Adapters<BooksPort> books;
    private final JournalBook journal;
    private final JsonMapper json;

    PostingSender(
            Outbox outbox,
            OutboxAnswers answers,
            OutboxWorker worker,
            Connections connections,
            List<BooksPort> books,
            JournalBook journal,
            JsonMapper json) {
        this.outbox = outbox;
        this.answers = answers;
        this.worker = worker;
        this.connections = connections;
        this.books = new Adapters<>(books);
        this.journal = journal;
        this.json = json;
    }

    @Override
    public Set<OutboxKind> kinds() {
        return PostingKinds.BOOKS;
    }

    @Override
    public void carryOut(OutboxEntry posting) {
        if (posting.reverses() == null || outbox.isToReverse(posting)) {
            answers.settle(posting, send(posting));
        }
    }

    private OutsideAnswer<String> send(OutboxEntry posting) {
        Connection to = connections.to(posting.target());
        outbox.sending(posting, posting.request());
        String key = posting.entryKey();
        String job = posting.subjectName();
        return switch (posting.kind()) {
            case INVOICE -> addFreight(books.of(to), to, posting);
            case INVOICE_REVERSAL -> removeFreight(books.of(to), to, posting);
            case JOURNAL, JOURNAL_REVERSAL -> books.of(to).addEntry(to, key, read(posting, FreightEntry.class));
            default -> throw new IllegalStateException(posting.kind() + " is no posting.");
        };
    }

    /** Where the invoice is closed the freight goes on the customer's next one, under the same key. */
    private OutsideAnswer<String> addFreight(BooksPort port, Connection to, OutboxEntry posting) {
        FreightLine line = read(posting, FreightLine.class);
        OutsideAnswer<String> answer = port.addFreight(to, posting.entryKey(), posting.subjectName(), line);
        return isClosed(answer)
                ? port.addToNextInvoice(to, posting.entryKey(), posting.subjectName(), line.afterClosing())
                : answer;
    }

    /** Where the invoice is closed, as the shop says. */
    private OutsideAnswer<String> removeFreight(BooksPort port, Connection to, OutboxEntry posting) {
        String key = posting.entryKey();
        String job = posting.subjectName();
        String lineKey = posting.request();
        OutsideAnswer<String> answer = port.removeFreight(to, key, job, lineKey);
        if (!isClosed(answer)) {
            return answer;
        }
        if (journal.setUp().closedInvoice() == ClosedInvoice.CREDIT) {
            return port.credit(to, key, job, lineKey);
        }
        FreightLine line = read(outbox.byId(Objects.requireNonNull(posting.reverses())), FreightLine.class);
        return port.addToNextInvoice(to, key, job, line.takenOff());
    }

    private static boolean isClosed(OutsideAnswer<String> answer) {
        return answer instanceof OutsideAnswer.Refused<String> refused
                && refused.code().equals(BooksPort.CLOSED);
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
