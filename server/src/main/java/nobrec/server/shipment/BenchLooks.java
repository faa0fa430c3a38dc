package nobrec.server.shipment;

import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Shows a job on the bench without opening it. A look at one that is not open is an opening that is rolled back: it shows what
 * the first act will find, and leaves nothing behind.
 */
@Component
class BenchLooks {

    private final Shipments shipments;
    private final BenchViews views;
    private final TransactionOperations transactions;

    BenchLooks(Shipments shipments, BenchViews views, TransactionOperations transactions) {
        this.shipments = shipments;
        this.views = views;
        this.transactions = transactions;
    }

    BenchView look(String job, String signIn) {
        Optional<Shipment> there = shipments.there(job);
        return there.map(views::of)
                .orElseGet(() -> transactions.execute(status -> {
                    status.setRollbackOnly();
                    return views.ofLook(shipments.open(job, signIn));
                }));
    }
}
