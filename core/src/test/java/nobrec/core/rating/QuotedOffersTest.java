package nobrec.core.rating;

import static nobrec.core.rating.DemoRates.demoSheet;
import static nobrec.core.rating.DemoRates.parcel;
import static nobrec.core.rating.DemoRates.prices;
import static nobrec.core.rating.DemoRates.shipment;
import static nobrec.core.rating.DemoRates.zone;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nobrec.core.carton.CartonKind;
import nobrec.core.measure.UnitSystem;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.rating.QuotedOffers.Asked;
import nobrec.core.rating.QuotedOffers.Source;
import nobrec.core.service.CarrierPricing;
import nobrec.core.service.CarrierPricing.PricedBy;
import nobrec.core.service.Objection;
import nobrec.core.service.ShipmentToRate;
import org.joda.money.CurrencyUnit;
import org.junit.jupiter.api.Test;

/** A carrier's price counts before the sheet's; while it is silent the sheet's counts, and is marked so. */
class QuotedOffersTest {

    private static final Tariff GROUND = demoSheet("plover-ground-2026.csv");
    private static final LocalDateTime UNTIL = LocalDateTime.of(2026, 12, 1, 17, 30);
    private static final ShipmentToRate PARCEL = shipment(zone(5), Set.of(), parcel(1, "10", "12x10x8"));

    private static Offer bySheet() {
        return DemoRates.offer(PARCEL, GROUND, "0");
    }

    private static Offer withoutSheet() {
        return new Rating(PARCEL, CurrencyUnit.USD)
                .offer(DemoRates.service(CartonKind.values()), Rating.Prices.NONE, DemoRates.AFTERNOON);
    }

    private static QuotedOffers offers(Offer offer, PricedBy by, int tolerance, CarrierAnswer answer) {
        return QuotedOffers.of(List.of(offer), Map.of("CAR", new Asked(new CarrierPricing(by, tolerance), answer)));
    }

    private static CarrierAnswer quote(long cents) {
        return new CarrierAnswer.Quoted("Q-7", UNTIL, Map.of("SVC", cents));
    }

    @Test
    void aQuoteCountsAndTheSheetStandsBesideIt() {
        long sheet = bySheet().totalCents();
        QuotedOffers quoted = offers(bySheet(), PricedBy.BOTH, 2_000, quote(sheet + 500));
        Offer offer = quoted.offers().get(0);
        assertThat(offer.totalCents()).isEqualTo(sheet + 500);
        assertThat(offer.isAllowed()).isTrue();
        assertThat(offer.chargeLines())
                .singleElement()
                .satisfies(line -> assertThat(line.basis().sentence(UnitSystem.POUND_INCH))
                        .startsWith("Quote Q-7 of Carrier, valid until 2026-12-01 17:30. Our rate sheet says ")
                        .endsWith(": the carrier asks 5.00 more."));
        assertThat(quoted.notes().get("SVC").differs()).isTrue();
    }

    /** Two percent of the sheet is tolerated to the cent, and a cent above it is pointed out. */
    @Test
    void theToleranceIsExact() {
        long sheet = bySheet().totalCents();
        long tolerated = sheet * 2_000 / 100_000;
        assertThat(offers(bySheet(), PricedBy.BOTH, 2_000, quote(sheet + tolerated))
                        .notes()
                        .get("SVC")
                        .differs())
                .isFalse();
        assertThat(offers(bySheet(), PricedBy.BOTH, 2_000, quote(sheet - tolerated - 1))
                        .notes()
                        .get("SVC")
                        .differs())
                .isTrue();
    }

    @Test
    void withoutASheetTheQuoteAloneMakesThePrice() {
        assertThat(withoutSheet().isPriced()).isFalse();
        Offer offer = offers(withoutSheet(), PricedBy.CARRIER, 0, quote(1_234))
                .offers()
                .get(0);
        assertThat(offer.isAllowed()).isTrue();
        assertThat(offer.totalCents()).isEqualTo(1_234);
    }

    @Test
    void whileTheCarrierIsSilentTheSheetCountsAndItIsSaid() {
        for (CarrierAnswer answer : List.of(
                new CarrierAnswer.NotAsked(), new CarrierAnswer.Awaited(), new CarrierAnswer.Silent("It is down."))) {
            QuotedOffers both = offers(bySheet(), PricedBy.BOTH, 0, answer);
            assertThat(both.offers()).containsExactly(bySheet());
            assertThat(both.notes().get("SVC").sentence()).endsWith("Priced by our rate sheet.");
            Offer alone =
                    offers(bySheet(), PricedBy.CARRIER, 0, answer).offers().get(0);
            assertThat(alone.isPriced()).as("our sheet does not count").isFalse();
            assertThat(alone.objections()).singleElement().isInstanceOf(Objection.NoQuote.class);
        }
    }

    @Test
    void aServiceThatTheCarrierDoesNotQuoteHasNoQuote() {
        CarrierAnswer other = new CarrierAnswer.Quoted("Q-8", UNTIL, Map.of("OTHER", 5L));
        QuotedOffers both = offers(bySheet(), PricedBy.BOTH, 0, other);
        assertThat(both.offers()).containsExactly(bySheet());
        assertThat(both.notes().get("SVC").source()).isEqualTo(Source.NO_QUOTE);
    }

    @Test
    void whatMayNotGoAnywayIsNotMadePossibleByAPrice() {
        ShipmentToRate heavy = shipment(zone(5), Set.of(), parcel(1, "30000", "12x10x8"));
        Offer refused = new Rating(heavy, CurrencyUnit.USD)
                .offer(DemoRates.service(CartonKind.values()), prices(GROUND, "0"), DemoRates.AFTERNOON);
        assertThat(offers(refused, PricedBy.BOTH, 0, quote(100)).offers()).containsExactly(refused);
    }
}
