package nobrec.server.writeback;

import java.util.Optional;
import java.util.Set;
import nobrec.core.refusal.Refusal;
import nobrec.core.writeback.WriteBack;
import nobrec.core.writeback.WriteBacks;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.OutboxAnswers;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxHandler;
import nobrec.server.platform.outbox.OutboxKind;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Tells other systems, in the words that are set up when it is sent; the key keeps a second try from writing twice. */
@Component
class WriteBackSender implements OutboxHandler {

    private final Outbox outbox;
    private final OutboxAnswers answers;
    private final WriteBackTargets targets;
    private final Connections connections;
    private final JsonMapper json;

    WriteBackSender(
            Outbox outbox, OutboxAnswers answers, WriteBackTargets targets, Connections connections, JsonMapper json) {
        this.outbox = outbox;
        this.answers = answers;
        this.targets = targets;
        this.connections = connections;
        this.json = json;
    }

    @Override
    public Set<OutboxKind> kinds() {
        return Set.of(OutboxKind.SOURCE, OutboxKind.SOURCE_REVERSAL);
    }

    @Override
    public void carryOut(OutboxEntry entry) {
        if (entry.reverses() == null || outbox.isToReverse(entry)) {
            answers.settle(entry, send(entry));
        }
    }

    private OutsideAnswer<String> send(OutboxEntry entry) {
        Optional<WriteBackTarget> target = targets.find(entry.target());
        if (target.isEmpty()) {
            return new OutsideAnswer.Refused<>(
                    "Nothing is set up any more for what it is told. Set it up, or set this aside.");
        }
        try {
            WriteBack writeBack = writeBack(target.get(), json.readValue(entry.request(), Told.class));
            if (writeBack.number().isEmpty()) {
                return new OutsideAnswer.Refused<>("The job has no number there. Change how the number is made on"
                        + " Write-backs, or set this aside.");
            }
            Connection to = connections.to(entry.target());
            outbox.sending(
                    entry, json.writerWithDefaultPrettyPrinter().writeValueAsString(WriteBackBody.of(writeBack, true)));
            return targets.port(to).write(to, entry.entryKey(), target.get().plan(), writeBack);
        } catch (Refusal refusal) {
            return new OutsideAnswer.Refused<>(refusal.thing() + ": " + refusal.reason() + " " + refusal.remedy());
        }
    }

    private static WriteBack writeBack(WriteBackTarget target, Told told) {
        WriteBacks read = new WriteBacks(target.plan());
        return told.takenBack() ? read.whenVoid(told.sheet()) : read.of(told.sheet());
    }
}
