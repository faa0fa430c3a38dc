package nobrec.core.rating;

import static nobrec.core.rating.DemoRates.demoSheet;
import static nobrec.core.rating.DemoRates.parcel;
import static nobrec.core.rating.DemoRates.shipment;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import nobrec.core.address.PlaceKind;
import nobrec.core.carton.CartonKind;
import nobrec.core.identifier.TrackingForm;
import nobrec.core.service.Carrier;
import nobrec.core.service.Objection;
import nobrec.core.service.Service;
import nobrec.core.service.ShipmentToRate;
import org.joda.money.CurrencyUnit;
import org.junit.jupiter.api.Test;

class KindEffectTest {

    private static final LocalDate DAY = LocalDate.of(2026, 12, 1);

    private static Offer offer(String service, String carrier, long cents, Objection... objections) {
        Service any = DemoRates.service(CartonKind.CARTON);
        return new Offer(
                new Service(
                        service,
                        service,
                        new Carrier(carrier, carrier, false, false, TrackingForm.LETTERS_MODULO_10),
                        true,
                        any.limits(),
                        any.transit(),
                        any.takes(),
                        Set.of(),
                        Set.of(),
                        List.of()),
                CurrencyUnit.USD,
                List.of(new ChargeLine(ChargeLine.SHIPMENT, cents, new ChargeBasis.Minimum(cents, 0))),
                cents,
                List.of(objections),
                DAY,
                DAY,
                0);
    }

    @Test
    void carriersThatAskTheSameMoreAreCountedTogetherAndThoseThatDoNotGoAreNamed() {
        Objection closed = new Objection.PlaceNotServed(PlaceKind.RESIDENCE);
        List<Offer> there = List.of(
                offer("A", "Plover", 1555),
                offer("B", "Dunlin", 2555),
                offer("C", "Godwit", 900),
                offer("D", "Curlew", 5000, closed));
        List<Offer> toBusiness = List.of(
                offer("A", "Plover", 1000),
                offer("B", "Dunlin", 2000),
                offer("C", "Godwit", 800),
                offer("D", "Curlew", 4000));
        assertThat(KindEffect.of(PlaceKind.RESIDENCE, there, toBusiness)
                        .orElseThrow()
                        .sentence())
                .isEqualTo("residence: +1.00 at Godwit, +5.55 at 2 carriers; Curlew does not go there");
    }

    @Test
    void ofACarrierWithSeveralServicesTheLeastAndTheMostIsSaid() {
        assertThat(KindEffect.of(
                                PlaceKind.RESIDENCE,
                                List.of(
                                        offer("A", "Plover", 1245),
                                        offer("B", "Plover", 2646),
                                        offer("C", "Dunlin", 900)),
                                List.of(
                                        offer("A", "Plover", 1000),
                                        offer("B", "Plover", 2000),
                                        offer("C", "Dunlin", 900)))
                        .orElseThrow()
                        .sentence())
                .isEqualTo("residence: +2.45 to +6.46 at Plover");
    }

    @Test
    void aCarrierThatGoesThereByAnotherServiceIsNotSaidToStayAway() {
        Objection closed = new Objection.PlaceNotServed(PlaceKind.PO_BOX);
        assertThat(KindEffect.of(
                        PlaceKind.PO_BOX,
                        List.of(offer("A", "Plover", 1000), offer("B", "Plover", 2000, closed)),
                        List.of(offer("A", "Plover", 1000), offer("B", "Plover", 2000))))
                .isEmpty();
    }

    /** The demo's sheet: the residential surcharge and the fuel upon it, by hand. */
    @Test
    void aResidenceCostsWhatTheSheetSays() {
        ShipmentToRate residence = shipment(DemoRates.residenceInZone(5), Set.of(), parcel(1, "10", "12x10x8"));
        Offer there = DemoRates.offer(residence, demoSheet("plover-ground-2026.csv"), "0");
        Offer business =
                DemoRates.offer(residence.toKind(PlaceKind.BUSINESS), demoSheet("plover-ground-2026.csv"), "0");
        assertThat(KindEffect.of(PlaceKind.RESIDENCE, List.of(there), List.of(business))
                        .orElseThrow()
                        .sentence())
                .isEqualTo("residence: +5.55 at Carrier");
    }
}
