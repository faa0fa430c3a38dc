package nobrec.server.posting;

import java.util.ArrayList;
import java.util.List;
import nobrec.server.books.JournalBook;
import nobrec.server.connection.Connections;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.platform.outbox.NewEntry;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.returns.ReturnReceived;
import org.joda.money.Money;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import tools.jackson.databind.json.JsonMapper;

/** Turns what came back into its write-backs, in the same transaction: a label that was used costs what it costs. */
@Component
class ReturnPostings {

    private final Outbox outbox;
    private final OutboxWorker worker;
    private final JsonMapper json;
    private final JournalBook journal;

    ReturnPostings(Outbox outbox, OutboxWorker worker, JsonMapper json, JournalBook journal) {
        this.outbox = outbox;
        this.worker = worker;
        this.json = json;
        this.journal = journal;
    }

    @EventListener
    void on(ReturnReceived received) {
        List<NewEntry> postings = new ArrayList<>();
        if (received.recorded() && received.customerCharge().isPositive()) {
            String amount = ShopMoney.show(received.customerCharge());
            postings.add(posting(
                    received,
                    OutboxKind.INVOICE,
                    "Return freight " + amount + ", tracking " + received.trackingNumber(),
                    new FreightLine(
                            "Return freight, " + received.serviceName(),
                            amount,
                            received.trackingNumber(),
                            received.day()),
                    received.customerCharge()));
        }
        if (received.freightCost().isPositive()) {
            FreightEntry entry = FreightEntry.of(journal.accrue(new JournalBook.Freight(
                    Subject.goodsReturn(received.returnId(), received.job()),
                    received.day(),
                    "Return freight of job " + received.job() + ", " + received.serviceName(),
                    received.freightCost(),
                    received.booked())));
            postings.add(posting(received, OutboxKind.JOURNAL, entry.summary(), entry, received.freightCost()));
        }
        if (!postings.isEmpty()) {
            outbox.add(postings);
        }
    }

    private NewEntry posting(ReturnReceived received, OutboxKind kind, String summary, Object body, Money amount) {
        return new NewEntry(
                        kind,
                        Subject.goodsReturn(received.returnId(), received.job()),
                        Connections.BOOKS,
                        summary,
                        json.writeValueAsString(body))
                .worth(amount);
    }

    /** At once, so that nobody waits for the next sweep. */
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    void goOn(ReturnReceived received) {
        worker.start();
    }
}
