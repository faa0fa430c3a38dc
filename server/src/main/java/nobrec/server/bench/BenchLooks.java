package nobrec.server.bench;

import java.util.Optional;
import nobrec.core.shipment.Shipment;
import nobrec.server.packing.Opening;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Shows a job on the bench without opening it. A look at one that is not open is an opening that is rolled back: it shows what
 * the first act will find, and leaves nothing behind.
 */
@Component
class BenchLooks {

    private final Shipments shipments;
    private final Opening opening;
    private final WorkOrders workOrders;
    private final BenchViews views;
    private final TransactionOperations transactions;

    BenchLooks(
            Shipments shipments,
            Opening opening,
            WorkOrders workOrders,
            BenchViews views,
            TransactionOperations transactions) {
        this.shipments = shipments;
        this.opening = opening;
        this.workOrders = workOrders;
        this.views = views;
        this.transactions = transactions;
    }

    BenchView look(String job, String signIn) {
        Optional<Shipment> there = shipments.there(workOrders.byNumber(job));
        return there.map(views::of)
                .orElseGet(() -> transactions.execute(status -> {
                    status.setRollbackOnly();
                    return views.ofLook(opening.open(job, signIn));
                }));
    }
}
