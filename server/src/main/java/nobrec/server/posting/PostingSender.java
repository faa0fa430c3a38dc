package nobrec.server.posting;

import java.util.Set;
import nobrec.server.booking.ShipmentShipped;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxHandler;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.server.platform.outside.OutsideAnswer;
import nobrec.server.platform.outside.OutsideCalls;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/** Sends write-backs; the key keeps a second try from writing twice. */
@Component
class PostingSender implements OutboxHandler {

    private final Outbox outbox;
    private final OutsideCalls calls;
    private final OutboxWorker worker;

    PostingSender(Outbox outbox, OutsideCalls calls, OutboxWorker worker) {
        this.outbox = outbox;
        this.calls = calls;
        this.worker = worker;
    }

    @Override
    public Set<OutboxKind> kinds() {
        return PostingKinds.ALL;
    }

    @Override
    public void carryOut(OutboxEntry posting) {
        String method = posting.kind() == OutboxKind.SOURCE ? "PUT" : "POST";
        OutsideAnswer answer =
                calls.send(posting.target(), method, posting.address(), posting.entryKey(), posting.request());
        if (answer instanceof OutsideAnswer.Accepted accepted) {
            outbox.done(posting, accepted.body().path("text").asString(""));
        } else if (answer instanceof OutsideAnswer.Refused refused) {
            outbox.refused(posting, refused.reason());
        } else if (answer instanceof OutsideAnswer.Unknown unknown) {
            outbox.putOff(posting, unknown.reason());
        } else {
            throw new IllegalStateException("A posting is sent, never looked up.");
        }
    }

    /** At once after a shipment, so that nobody waits for the next sweep. */
    @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
    void on(ShipmentShipped shipped) {
        worker.start();
    }
}
