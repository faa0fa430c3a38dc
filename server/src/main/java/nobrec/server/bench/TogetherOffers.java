package nobrec.server.bench;

import java.util.List;
import java.util.Optional;
import nobrec.core.rating.Offer;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.api.figure.Amount;
import nobrec.server.packing.CombiningActs;
import nobrec.server.packing.Opening;
import nobrec.server.pricing.Assessor;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.JobPlaces;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** Jobs that could go together with one, and what that saves: each is combined, priced, and rolled back. */
@Component
class TogetherOffers {

    private static final int LOOKED_AT = 4;

    /**
     * @param alone what the carriers charge for both, each for itself
     * @param together what the carrier charges for one shipment of both that keeps both promises
     */
    record TogetherOffer(String job, String service, Amount alone, Amount together, Amount saves) {}

    private final Shipments shipments;
    private final Opening opening;
    private final CombiningActs combining;
    private final WorkOrders workOrders;
    private final JobPlaces places;
    private final Assessor assessor;
    private final TransactionOperations transactions;

    TogetherOffers(
            Shipments shipments,
            Opening opening,
            CombiningActs combining,
            WorkOrders workOrders,
            JobPlaces places,
            Assessor assessor,
            TransactionOperations transactions) {
        this.shipments = shipments;
        this.opening = opening;
        this.combining = combining;
        this.workOrders = workOrders;
        this.places = places;
        this.assessor = assessor;
        this.transactions = transactions;
    }

    /** What saves nothing, or would come late, is not there. */
    List<TogetherOffer> of(String job, String signIn) {
        return places.goingThereToo(workOrders.idOf(job), LOOKED_AT).stream()
                .flatMap(other -> with(job, other, signIn).stream())
                .toList();
    }

    private Optional<TogetherOffer> with(String job, String other, String signIn) {
        return transactions.execute(status -> {
            status.setRollbackOnly();
            try {
                return combined(job, other, signIn);
            } catch (Refusal notTogether) {
                return Optional.empty();
            }
        });
    }

    private Optional<TogetherOffer> combined(String job, String other, String signIn) {
        Shipment own = opened(job, signIn);
        if (own.state() != ShipmentState.OPEN || goesIn(own, other)) {
            return Optional.empty();
        }
        Optional<Offer> alone = offer(own);
        Optional<Offer> otherAlone = offer(opened(other, signIn));
        combining.addJob(own.id(), other, signIn);
        Optional<Offer> both = offer(shipments.byId(own.id()));
        if (alone.isEmpty()
                || otherAlone.isEmpty()
                || both.isEmpty()
                || both.get().daysLate() > 0) {
            return Optional.empty();
        }
        long before = alone.get().totalCents() + otherAlone.get().totalCents();
        long saves = before - both.get().totalCents();
        return saves <= 0
                ? Optional.empty()
                : Optional.of(new TogetherOffer(
                        other,
                        both.get().service().name(),
                        Amount.of(alone.get()
                                .total()
                                .orElseThrow()
                                .plus(otherAlone.get().total().orElseThrow())),
                        Amount.of(both.get().total().orElseThrow()),
                        Amount.of(alone.get()
                                .total()
                                .orElseThrow()
                                .plus(otherAlone.get().total().orElseThrow())
                                .minus(both.get().total().orElseThrow()))));
    }

    private Shipment opened(String job, String signIn) {
        return shipments.there(workOrders.byNumber(job)).orElseGet(() -> opening.open(job, signIn));
    }

    private boolean goesIn(Shipment shipment, String other) {
        return shipments.jobs(shipment).all().stream()
                .anyMatch(each -> each.number().equals(other));
    }

    private Optional<Offer> offer(Shipment shipment) {
        return assessor.assess(shipment, shipments.jobs(shipment)).chosenOffer().filter(Offer::isPriced);
    }
}
