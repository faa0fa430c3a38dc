package nobrec.server.pricing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.charging.CustomerCharge;
import nobrec.core.rating.Offer;
import nobrec.core.rating.QuotedOffers;
import nobrec.core.rating.ServiceChoice;
import nobrec.core.readiness.ReadyCheck;
import nobrec.core.readiness.ReadyChecks;

/**
 * Everything that is computed about a shipment that has not gone yet.
 *
 * @param notInPrices what offers abroad do not hold, in words; empty at home
 * @param quotes what carriers that price themselves have said, by service code
 */
public record Assessment(
        List<Offer> offers,
        Map<String, QuotedOffers.Note> quotes,
        ServiceChoice choice,
        List<ReadyCheck> checks,
        Optional<CustomerCharge> charge,
        Optional<String> notInPrices) {

    /** The carrier's quote that a service's price is of; empty text for none. */
    public String quoteNumber(String serviceCode) {
        return Optional.ofNullable(quotes.get(serviceCode))
                .map(QuotedOffers.Note::number)
                .orElse("");
    }

    /** Whether a carrier that prices itself waits to be asked. */
    public boolean wantsQuotes() {
        return isAny(QuotedOffers.Source.NOT_ASKED);
    }

    /** Whether a carrier has been asked and has not answered. */
    public boolean awaitsQuotes() {
        return isAny(QuotedOffers.Source.AWAITED);
    }

    private boolean isAny(QuotedOffers.Source source) {
        return quotes.values().stream().anyMatch(note -> note.source() == source);
    }

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
