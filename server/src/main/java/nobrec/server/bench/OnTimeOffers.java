package nobrec.server.bench;

import java.time.LocalDate;
import java.util.Optional;
import nobrec.core.rating.Offer;
import nobrec.core.rating.ServiceChoice;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.server.api.figure.Amount;
import nobrec.server.pricing.Assessor;
import nobrec.server.shipment.Shipments;
import org.springframework.stereotype.Component;

/** What would bring a job to its place in time that would miss its promise as it stands. */
@Component
class OnTimeOffers {

    /** The cheapest way to be there in time. */
    record OnTimeOffer(String service, String name, LocalDate delivery, Amount total) {}

    private final Shipments shipments;
    private final Assessor assessor;
    private final Trials trials;

    OnTimeOffers(Shipments shipments, Assessor assessor, Trials trials) {
        this.shipments = shipments;
        this.assessor = assessor;
        this.trials = trials;
    }

    /** Computed on a shipment that is open, or on an opening that is rolled back; empty when nothing would be in time. */
    Optional<OnTimeOffer> of(String job, String signIn) {
        return trials.rolledBack(() -> {
            Shipment shipment = trials.opened(job, signIn);
            return shipment.state() == ShipmentState.OPEN ? cheapestInTime(shipment) : Optional.empty();
        });
    }

    private Optional<OnTimeOffer> cheapestInTime(Shipment shipment) {
        Jobs jobs = shipments.jobs(shipment);
        return jobs.promiseDate()
                .flatMap(promise -> ServiceChoice.cheapestInTime(
                        assessor.assess(shipment, jobs).offers(), promise))
                .map(OnTimeOffers::view);
    }

    private static OnTimeOffer view(Offer offer) {
        return new OnTimeOffer(
                offer.service().code(),
                offer.service().name(),
                offer.delivery(),
                Amount.of(offer.total().orElseThrow()));
    }
}
