package nobrec.server.platform.outbox;

import java.util.Set;

/** Carries out entries of some kinds. */
public interface OutboxHandler {

    Set<OutboxKind> kinds();

    /**
     * Carries it out, outside any transaction, and stores what came of it by {@link Outbox#done}, {@link Outbox#refused} or
     * {@link Outbox#putOff}. What it throws puts the entry off.
     */
    void carryOut(OutboxEntry entry);
}
