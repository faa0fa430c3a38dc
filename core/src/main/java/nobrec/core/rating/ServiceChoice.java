package nobrec.core.rating;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Which offer is taken, which is cheapest and which is earliest.
 *
 * @param chosen service code; empty when none is allowed
 * @param reason why that one, as a sentence
 * @param cheapest service code of the offer with the least total that is allowed, or lacks a datum only
 * @param earliest service code of such an offer that is there first, the cheaper one on the same day
 */
public record ServiceChoice(
        Optional<String> chosen, String reason, Optional<String> cheapest, Optional<String> earliest) {

    private static final Comparator<Offer> BY_TOTAL = Comparator.comparingLong(Offer::totalCents)
            .thenComparing(offer -> offer.service().code());

    /**
     * A person's choice first, then what the record asks for, then what a house rule asks for, then ground, then the cheapest.
     *
     * @param byHand service code a person chose; it stays even when it is not allowed, so that she sees why
     * @param requested what the record asks for, in its own words; empty text for nothing
     * @param byRule what a house rule asks for; empty text for nothing
     */
    public static ServiceChoice of(List<Offer> offers, Optional<String> byHand, String requested, String byRule) {
        List<Offer> allowed =
                offers.stream().filter(Offer::isAllowed).sorted(BY_TOTAL).toList();
        List<Offer> possible =
                offers.stream().filter(Offer::isUsable).sorted(BY_TOTAL).toList();
        Optional<String> cheapest = possible.stream().findFirst().map(ServiceChoice::code);
        Optional<String> earliest = possible.stream()
                .min(Comparator.comparing(Offer::delivery).thenComparing(BY_TOTAL))
                .map(ServiceChoice::code);
        if (byHand.isPresent()) {
            return new ServiceChoice(byHand, "Chosen by hand.", cheapest, earliest);
        }
        Optional<Offer> meant = meantBy(offers, requested);
        if (meant.isPresent() && meant.get().isUsable()) {
            String who = requested.equals(byRule) ? "A house rule asks for it." : "The job asks for it.";
            return new ServiceChoice(meant.map(ServiceChoice::code), who, cheapest, earliest);
        }
        String because = whyNotRequested(requested, meant);
        Optional<Offer> ruled = meantBy(offers, byRule).filter(Offer::isUsable);
        if (ruled.isPresent()) {
            return new ServiceChoice(
                    ruled.map(ServiceChoice::code), because + "A house rule asks for this one.", cheapest, earliest);
        }
        Optional<String> ground = allowed.stream()
                .filter(offer -> offer.service().ground())
                .findFirst()
                .map(ServiceChoice::code);
        if (ground.isPresent()) {
            return new ServiceChoice(ground, because + "Ground is the usual way.", cheapest, earliest);
        }
        Optional<String> cheapestAllowed = allowed.stream().findFirst().map(ServiceChoice::code);
        return new ServiceChoice(
                cheapestAllowed,
                because + (cheapestAllowed.isPresent() ? "The cheapest that is allowed." : "No service is allowed."),
                cheapest,
                earliest);
    }

    /** The cheapest that is there by a day; empty when none is. */
    public static Optional<Offer> cheapestInTime(List<Offer> offers, LocalDate promise) {
        return offers.stream()
                .filter(Offer::isUsable)
                .filter(Offer::isPriced)
                .filter(offer -> !offer.delivery().isAfter(promise))
                .min(BY_TOTAL);
    }

    private static Optional<Offer> meantBy(List<Offer> offers, String requested) {
        return offers.stream()
                .filter(offer -> offer.service().isMeantBy(requested))
                .findFirst();
    }

    private static String whyNotRequested(String requested, Optional<Offer> meant) {
        if (requested.isBlank()) {
            return "";
        }
        return meant.isPresent()
                ? "The job asks for " + meant.get().service().name() + ", which is not allowed. "
                : "The job asks for “" + requested + "”, which is none of our services. ";
    }

    private static String code(Offer offer) {
        return offer.service().code();
    }
}
