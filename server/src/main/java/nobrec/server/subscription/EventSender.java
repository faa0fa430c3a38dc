package nobrec.server.subscription;

import java.util.List;
import java.util.Set;
import nobrec.core.refusal.Refusal;
import nobrec.server.connection.Adapters;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.OutboxAnswers;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxHandler;
import nobrec.server.platform.outbox.OutboxKind;
import org.springframework.stereotype.Component;

/** Brings events to subscribers, those of one job in their order. */
@Component
class EventSender implements OutboxHandler {

    private final Outbox outbox;
    private final OutboxAnswers answers;
    private final Connections connections;
    private final Adapters<EventPort> ports;

    EventSender(Outbox outbox, OutboxAnswers answers, Connections connections, List<EventPort> ports) {
        this.outbox = outbox;
        this.answers = answers;
        this.connections = connections;
        this.ports = new Adapters<>(ports);
    }

    @Override
    public Set<OutboxKind> kinds() {
        return Set.of(OutboxKind.EVENT);
    }

    @Override
    public void carryOut(OutboxEntry entry) {
        outbox.sending(entry, entry.request());
        answers.settle(entry, deliver(entry));
    }

    private OutsideAnswer<String> deliver(OutboxEntry entry) {
        try {
            Connection to = connections.to(entry.target());
            return ports.of(to).deliver(to, entry.entryKey(), entry.request());
        } catch (Refusal refusal) {
            return new OutsideAnswer.Refused<>(refusal.reason() + " " + refusal.remedy());
        }
    }
}
