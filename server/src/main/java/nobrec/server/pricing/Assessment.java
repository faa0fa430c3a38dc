package nobrec.server.pricing;

import java.util.List;
import java.util.Optional;
import nobrec.core.charging.CustomerCharge;
import nobrec.core.rating.Offer;
import nobrec.core.rating.ServiceChoice;
import nobrec.core.readiness.ReadyCheck;
import nobrec.core.readiness.ReadyChecks;

/** Everything that is computed about a shipment that has not gone yet. */
public record Assessment(
        List<Offer> offers, ServiceChoice choice, List<ReadyCheck> checks, Optional<CustomerCharge> charge) {

    public Optional<Offer> chosenOffer() {
        return choice.chosen()
                .flatMap(code -> offers.stream()
                        .filter(offer -> offer.service().code().equals(code))
                        .findFirst());
    }

    public boolean allowsShipping() {
        return ReadyChecks.allowShipping(checks)
                && chosenOffer().map(Offer::isAllowed).orElse(false);
    }
}
