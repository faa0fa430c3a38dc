package nobrec.server.bench;

import java.util.List;
import java.util.Optional;
import nobrec.core.rating.Offer;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.api.figure.Amount;
import nobrec.server.packing.CombiningActs;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.JobPlaces;
import nobrec.server.workorder.WorkOrders;
import org.joda.money.Money;
import org.springframework.stereotype.Component;

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
    private final CombiningActs combining;
    private final WorkOrders workOrders;
    private final JobPlaces places;
    private final Trials trials;

    TogetherOffers(
            Shipments shipments, CombiningActs combining, WorkOrders workOrders, JobPlaces places, Trials trials) {
        this.shipments = shipments;
        this.combining = combining;
        this.workOrders = workOrders;
        this.places = places;
        this.trials = trials;
    }

    /** What saves nothing, or would come late, is not there. */
    List<TogetherOffer> of(String job, String signIn) {
        return places.goingThereToo(workOrders.idOf(job), LOOKED_AT).stream()
                .flatMap(other -> trials.ifAllowed(() -> combined(job, other, signIn)).stream())
                .toList();
    }

    private Optional<TogetherOffer> combined(String job, String other, String signIn) {
        Shipment own = trials.opened(job, signIn);
        if (own.state() != ShipmentState.OPEN || goesIn(own, other)) {
            return Optional.empty();
        }
        Optional<Offer> alone = trials.chosen(own);
        Optional<Offer> otherAlone = trials.chosen(trials.opened(other, signIn));
        combining.addJob(own.id(), other, signIn);
        Optional<Offer> both = trials.chosen(shipments.byId(own.id()));
        if (alone.isEmpty()
                || otherAlone.isEmpty()
                || both.isEmpty()
                || both.get().daysLate() > 0) {
            return Optional.empty();
        }
        Money before =
                alone.get().total().orElseThrow().plus(otherAlone.get().total().orElseThrow());
        Money together = both.get().total().orElseThrow();
        return together.isLessThan(before)
                ? Optional.of(new TogetherOffer(
                        other,
                        both.get().service().name(),
                        Amount.of(before),
                        Amount.of(together),
                        Amount.of(before.minus(together))))
                : Optional.empty();
    }

    private boolean goesIn(Shipment shipment, String other) {
        return shipments.jobs(shipment).all().stream()
                .anyMatch(each -> each.number().equals(other));
    }
}
