package nobrec.server.bench;

import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;

/**
 * Shows a job on the bench without opening it. A look at one that is not open is an opening that is rolled back: it shows what
 * the first act will find, and leaves nothing behind.
 */
@Component
class BenchLooks {

    private final Shipments shipments;
    private final WorkOrders workOrders;
    private final BenchViews views;
    private final Trials trials;

    BenchLooks(Shipments shipments, WorkOrders workOrders, BenchViews views, Trials trials) {
        this.shipments = shipments;
        this.workOrders = workOrders;
        this.views = views;
        this.trials = trials;
    }

    BenchView look(String job, String signIn) {
        return shipments
                .there(workOrders.byNumber(job))
                .map(views::of)
                .orElseGet(() -> trials.rolledBack(() -> views.ofLook(trials.opened(job, signIn))));
    }
}
