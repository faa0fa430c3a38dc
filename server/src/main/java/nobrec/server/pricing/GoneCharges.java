package nobrec.server.pricing;

import java.time.LocalDate;
import java.util.List;
import nobrec.core.charging.CustomerCharge;
import nobrec.core.rating.Offer;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.server.shipment.ChargeLineRow;
import nobrec.server.shipment.ShipmentStore;
import org.springframework.stereotype.Component;

/** Prices once more what has gone, when less of it goes than was thought: by its service, on the day it left, by our sheets. */
@Component
public class GoneCharges {

    /** What it comes to, and of what. */
    public record Priced(ShipmentStore.Terms terms, List<ChargeLineRow> lines) {}

    private final RatingFeed feed;
    private final Assessor assessor;
    private final KeptCharges kept;

    GoneCharges(RatingFeed feed, Assessor assessor, KeptCharges kept) {
        this.feed = feed;
        this.assessor = assessor;
        this.kept = kept;
    }

    /** @throws Refusal when its service gives no price for it */
    public Priced of(Shipment gone, Jobs jobs) {
        Shipment.Outcome outcome = gone.outcome().orElseThrow();
        Offer offer =
                feed
                        .offers(feed.toRate(gone, jobs).readyOn(feed.opening(gone, outcome.shipDate())), gone.siteId())
                        .stream()
                        .filter(each -> each.service().code().equals(outcome.serviceCode()) && each.isPriced())
                        .findFirst()
                        .orElseThrow(() -> Refusal.unusable(
                                jobs.numbers(),
                                "Its service gives no price for what is left of it.",
                                "Void the shipment, and ship the others again."));
        CustomerCharge charge = assessor.charge(gone, jobs, offer);
        return new Priced(asLeft(kept.terms(offer, charge), outcome), kept.rows(offer, charge));
    }

    /** The days are those of its labels. */
    private static ShipmentStore.Terms asLeft(ShipmentStore.Terms terms, Shipment.Outcome outcome) {
        LocalDate shipDate = outcome.shipDate();
        return new ShipmentStore.Terms(
                terms.serviceCode(),
                shipDate,
                outcome.deliveryDate(),
                terms.freightCost(),
                terms.customerCharge(),
                terms.margin());
    }
}
