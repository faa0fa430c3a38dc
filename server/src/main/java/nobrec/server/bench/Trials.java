package nobrec.server.bench;

import java.util.Objects;
import java.util.Optional;
import java.util.function.Supplier;
import nobrec.core.rating.Offer;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Shipment;
import nobrec.server.packing.Opening;
import nobrec.server.pricing.Assessor;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** What would come of acts on the bench: they are done for real, looked at, and rolled back. */
@Component
public class Trials {

    private final Shipments shipments;
    private final Opening opening;
    private final WorkOrders workOrders;
    private final Assessor assessor;
    private final TransactionOperations transactions;

    Trials(
            Shipments shipments,
            Opening opening,
            WorkOrders workOrders,
            Assessor assessor,
            TransactionOperations transactions) {
        this.shipments = shipments;
        this.opening = opening;
        this.workOrders = workOrders;
        this.assessor = assessor;
        this.transactions = transactions;
    }

    /** Nothing of what is done in it stays. */
    public <T> T rolledBack(Supplier<T> acts) {
        return Objects.requireNonNull(transactions.execute(status -> {
            status.setRollbackOnly();
            return acts.get();
        }));
    }

    /** The same; what is refused on the way comes to nothing. */
    public <T> Optional<T> ifAllowed(Supplier<Optional<T>> acts) {
        return rolledBack(() -> {
            try {
                return acts.get();
            } catch (Refusal refused) {
                return Optional.empty();
            }
        });
    }

    /** The shipment of a job, opened where it is not. */
    public Shipment opened(String job, String signIn) {
        return shipments.there(workOrders.byNumber(job)).orElseGet(() -> opening.open(job, signIn));
    }

    /** By what a shipment would go, where that has a price. */
    Optional<Offer> chosen(Shipment shipment) {
        return assessor.assess(shipment, shipments.jobs(shipment)).chosenOffer().filter(Offer::isPriced);
    }
}
