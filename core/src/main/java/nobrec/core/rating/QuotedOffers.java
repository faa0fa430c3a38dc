package nobrec.core.rating;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.notation.MoneyText;
import nobrec.core.service.CarrierPricing;
import nobrec.core.service.CarrierPricing.PricedBy;
import nobrec.core.service.Objection;

/**
 * Offers with what the carriers themselves say. A carrier's price counts before our sheet's; while it is awaited, or where the
 * carrier is silent, the sheet's price counts if there is one, and is marked so.
 *
 * @param notes by service code, of those whose carrier is asked
 */
public record QuotedOffers(List<Offer> offers, Map<String, Note> notes) {

    /** Where the price of an offer comes from. */
    public enum Source {
        /** The carrier has said it. */
        QUOTE,
        /** The carrier is being asked. */
        AWAITED,
        /** Nobody has asked the carrier yet. */
        NOT_ASKED,
        /** The carrier has not said a price that can be used. */
        NO_QUOTE
    }

    /**
     * @param number of the carrier's quote; empty text where there is none
     * @param differs whether the carrier's price and our sheet's are further apart than the shop tolerates
     * @param sentence for people
     */
    public record Note(Source source, String number, boolean differs, String sentence) {}

    /** How a carrier's services are priced, and what it has said. */
    public record Asked(CarrierPricing pricing, CarrierAnswer answer) {}

    private static final int PERCENT_THOUSANDTHS = 100_000;

    /** @param asked by carrier code; a carrier that is not in it is priced by its sheets */
    public static QuotedOffers of(List<Offer> bySheet, Map<String, Asked> asked) {
        List<Offer> offers = new ArrayList<>();
        Map<String, Note> notes = new HashMap<>();
        for (Offer offer : bySheet) {
            Asked carrier = asked.get(offer.service().carrier().code());
            offers.add(carrier == null || isRefusedAnyway(offer) ? offer : quoted(offer, carrier, notes));
        }
        return new QuotedOffers(List.copyOf(offers), Map.copyOf(notes));
    }

    /** Codes of the carriers whose price would make a difference. */
    public static Set<String> worthAsking(List<Offer> bySheet) {
        return bySheet.stream()
                .filter(offer -> !isRefusedAnyway(offer))
                .map(offer -> offer.service().carrier().code())
                .collect(Collectors.toSet());
    }

    /** What no price would change. */
    private static boolean isRefusedAnyway(Offer offer) {
        return offer.objections().stream().anyMatch(each -> !each.isOfSheet() && !each.isMissingData());
    }

    private static Offer quoted(Offer offer, Asked asked, Map<String, Note> notes) {
        String code = offer.service().code();
        if (asked.answer() instanceof CarrierAnswer.Quoted quote) {
            Long cents = quote.centsByService().get(code);
            return cents == null
                    ? unquoted(offer, asked, Source.NO_QUOTE, "It offers no price for this service.", notes)
                    : withQuote(offer, quote, cents, asked.pricing(), notes);
        }
        if (asked.answer() instanceof CarrierAnswer.Silent silent) {
            return unquoted(offer, asked, Source.NO_QUOTE, silent.reason(), notes);
        }
        return asked.answer() instanceof CarrierAnswer.Awaited
                ? unquoted(offer, asked, Source.AWAITED, "It is being asked.", notes)
                : unquoted(offer, asked, Source.NOT_ASKED, "It has not been asked yet.", notes);
    }

    private static Offer withQuote(
            Offer offer, CarrierAnswer.Quoted quote, long cents, CarrierPricing pricing, Map<String, Note> notes) {
        String carrier = offer.service().carrier().name();
        Optional<Long> sheet = pricing.pricedBy() == PricedBy.BOTH && offer.isPriced()
                ? Optional.of(offer.totalCents())
                : Optional.empty();
        String beside = sheet.map(own -> beside(own, cents)).orElse("");
        boolean differs = sheet.map(own -> isFarFrom(own, cents, pricing)).orElse(false);
        ChargeLine line = new ChargeLine(
                ChargeLine.SHIPMENT,
                cents,
                new ChargeBasis.CarrierQuote(carrier, quote.number(), quote.validUntil(), beside));
        notes.put(
                offer.service().code(),
                new Note(
                        Source.QUOTE,
                        quote.number(),
                        differs,
                        differs ? beside : "Quote " + quote.number() + " of " + carrier + ". " + beside));
        return offer.priced(
                List.of(line),
                offer.objections().stream().filter(each -> !each.isOfSheet()).toList());
    }

    private static String beside(long sheetCents, long cents) {
        long more = cents - sheetCents;
        return more == 0
                ? "Our rate sheet says the same."
                : "Our rate sheet says " + MoneyText.showCents(sheetCents) + ": the carrier asks "
                        + MoneyText.showCents(Math.abs(more)) + (more > 0 ? " more." : " less.");
    }

    private static boolean isFarFrom(long sheetCents, long cents, CarrierPricing pricing) {
        BigDecimal apart =
                BigDecimal.valueOf(Math.abs(cents - sheetCents)).multiply(BigDecimal.valueOf(PERCENT_THOUSANDTHS));
        return apart.compareTo(
                        BigDecimal.valueOf(sheetCents).multiply(BigDecimal.valueOf(pricing.toleranceThousandths())))
                > 0;
    }

    private static Offer unquoted(Offer offer, Asked asked, Source source, String reason, Map<String, Note> notes) {
        String carrier = offer.service().carrier().name();
        boolean sheetCounts = asked.pricing().pricedBy() == PricedBy.BOTH && offer.isPriced();
        notes.put(
                offer.service().code(),
                new Note(
                        source,
                        "",
                        false,
                        carrier + ": " + reason + (sheetCounts ? " Priced by our rate sheet." : "")));
        if (sheetCounts) {
            return offer;
        }
        List<Objection> objections = new ArrayList<>(
                offer.objections().stream().filter(each -> !each.isOfSheet()).toList());
        objections.add(new Objection.NoQuote(carrier, reason));
        return offer.priced(List.of(), objections);
    }
}
