package nobrec.server.moment;

import java.util.Set;
import nobrec.core.telling.Moment;
import nobrec.server.platform.outbox.Outbox;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxHandler;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.shipment.HandedPackages;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Once a handover is closed, its shipments have been handed over, at the time of its closing: each in a transaction of its own, however
 * many there are.
 */
@Component
class HandedOverShipments implements OutboxHandler {

    private final HandedPackages packages;
    private final Moments moments;
    private final Outbox outbox;
    private final TransactionOperations transactions;

    HandedOverShipments(HandedPackages packages, Moments moments, Outbox outbox, TransactionOperations transactions) {
        this.packages = packages;
        this.moments = moments;
        this.outbox = outbox;
        this.transactions = transactions;
    }

    @Override
    public Set<OutboxKind> kinds() {
        return Set.of(OutboxKind.HANDED_OVER);
    }

    @Override
    public void carryOut(OutboxEntry entry) {
        for (long shipment : packages.goneWith(entry.subjectId())) {
            transactions.executeWithoutResult(
                    status -> moments.reached(shipment, Moment.HANDED_OVER, entry.subjectName(), entry.madeAt()));
        }
        outbox.done(entry, "");
    }
}
