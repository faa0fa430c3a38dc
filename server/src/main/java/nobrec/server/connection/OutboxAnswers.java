package nobrec.server.connection;

import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import org.springframework.stereotype.Component;

/** Stores what a system outside answered to an entry of the outbox: done (and with it what it reverses), refused, or open still. */
@Component
public class OutboxAnswers {

    private final Outbox outbox;

    OutboxAnswers(Outbox outbox) {
        this.outbox = outbox;
    }

    public void settle(OutboxEntry entry, OutsideAnswer<String> answer) {
        if (answer instanceof OutsideAnswer.Accepted<String> accepted) {
            if (entry.reverses() == null) {
                outbox.done(entry, accepted.result());
            } else {
                outbox.reversed(entry, accepted.result());
            }
        } else if (answer instanceof OutsideAnswer.Refused<String> refused) {
            outbox.refused(entry, refused.reason());
        } else {
            outbox.putOff(entry, answer.whyOpen());
        }
    }
}
