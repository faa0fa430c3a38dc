package nobrec.core.rating;

import static nobrec.core.rating.DemoRates.AFTERNOON;
import static nobrec.core.rating.DemoRates.COMPLETE;
import static nobrec.core.rating.DemoRates.TUESDAY;
import static nobrec.core.rating.DemoRates.demoSheet;
import static nobrec.core.rating.DemoRates.offer;
import static nobrec.core.rating.DemoRates.parcel;
import static nobrec.core.rating.DemoRates.prices;
import static nobrec.core.rating.DemoRates.shipment;
import static nobrec.core.rating.DemoRates.zone;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import nobrec.core.address.PlaceKind;
import nobrec.core.carton.CartonKind;
import nobrec.core.carton.CartonType.Supply;
import nobrec.core.identifier.TrackingForm;
import nobrec.core.item.GoodsClass;
import nobrec.core.measure.UnitSystem;
import nobrec.core.ratesheet.FuelIndex;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.rating.Rating.Prices;
import nobrec.core.service.Accessorial;
import nobrec.core.service.Carrier;
import nobrec.core.service.Destination;
import nobrec.core.service.Objection;
import nobrec.core.service.Service;
import nobrec.core.service.ServiceLimits;
import nobrec.core.service.ShipmentToRate;
import nobrec.core.service.ShipmentToRate.PackageToRate;
import nobrec.core.service.ShipmentToRate.Receiver;
import nobrec.core.service.Zone;
import org.joda.money.CurrencyUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OfferTest {

    private static final Tariff GROUND = demoSheet("plover-ground-2026.csv");

    @Test
    void everyReasonWhyNotIsSaid() {
        Service strict = new Service(
                "STR",
                "Strict",
                new Carrier("CAR", "Carrier", true, true, TrackingForm.LETTERS_MODULO_10),
                false,
                new ServiceLimits(
                        DemoRates.pounds("70"),
                        DemoRates.inches("48"),
                        DemoRates.inches("100"),
                        Set.of(PlaceKind.PO_BOX),
                        Set.of("CA")),
                new Service.Transit(List.of(1, 1, 1, 1, 1, 1, 1, 1), Map.of("CA", 4)),
                Set.of(CartonKind.CARTON),
                Set.of(GoodsClass.LIMITED_QUANTITY),
                Set.of(),
                List.of());
        PackageToRate bad = new PackageToRate(
                2,
                Optional.of(DemoRates.pounds("80")),
                true,
                parcel(1, "1", "60x30x30").size(),
                CartonKind.TUBE,
                Supply.OUR_OWN,
                0,
                List.of());
        PackageToRate supplied = new PackageToRate(
                3,
                Optional.empty(),
                false,
                parcel(1, "1", "9x9x9").size(),
                CartonKind.CARTON,
                new Supply(Optional.of("DUNLIN"), Set.of("DUN-ONE")),
                0,
                List.of());
        ShipmentToRate shipment = new ShipmentToRate(
                List.of(bad, supplied),
                new Destination("US", "JP", "100", PlaceKind.PO_BOX, Optional.empty()),
                Set.of(Accessorial.LIFTGATE),
                Set.of(GoodsClass.LIMITED_QUANTITY),
                new Receiver(false, false, List.of("the HS code of SK-2")),
                TUESDAY.atTime(9, 0),
                Optional.empty());
        Offer offer = new Rating(shipment, CurrencyUnit.USD).offer(strict, Prices.NONE, AFTERNOON);
        assertThat(offer.objections())
                .extracting(each -> each.sentence(UnitSystem.POUND_INCH))
                .containsExactlyInAnyOrder(
                        "It does not deliver to a PO box.",
                        "It does not go to Japan.",
                        "It is not open to dangerous goods in limited quantity.",
                        "It does not offer liftgate, which is requested.",
                        "It takes no tubes, and package 2 is one.",
                        "Package 2 of 80.00 lb is above the limit of 70 lb.",
                        "Package 2 is 60 in long; the limit is 48 in.",
                        "Package 2 has a length plus girth of 180 in; the limit is 100 in.",
                        "Package 3 is in a carton that DUNLIN supplies for other services of its own.",
                        "Package 3 has no weight yet: weigh it or type its weight.",
                        "It needs the receiver's phone number.",
                        "It needs the name of a company in the ship-to.",
                        "Customs want to know: the HS code of SK-2.",
                        "There is no rate sheet for this day.");
        assertThat(offer.total()).isEmpty();
    }

    @Test
    void aSheetInAnotherCurrencyIsNotCompared() {
        Offer offer = new Rating(shipment(zone(2), Set.of(), parcel(1, "2", "9x9x9")), CurrencyUnit.EUR)
                .offer(DemoRates.service(CartonKind.CARTON), prices(GROUND, "0"), AFTERNOON);
        assertThat(offer.objections()).singleElement().isInstanceOf(Objection.OtherCurrency.class);
    }

    @Test
    void abroadTheZoneIsTheCountrysGroup() {
        Tariff abroad = demoSheet("godwit-abroad-2026.csv");
        Destination canada = new Destination("US", "CA", "M5V 2T6", PlaceKind.BUSINESS, Optional.empty());
        // 2 lb to group A by the sheet: 20.75; customs entry 3.20.
        assertThat(offer(shipment(canada, Set.of(), parcel(1, "1.4", "9x7x5")), abroad, "0")
                        .totalCents())
                .isEqualTo(2_395);
        assertThat(offer(shipment(zone(3), Set.of(), parcel(1, "1.4", "9x7x5")), abroad, "0")
                        .objections())
                .singleElement()
                .isEqualTo(new Objection.ZoneNotServed("53703"));
    }

    @Test
    void postalCodesOfATableComeBeforeDistance() {
        Tariff parcel = demoSheet("godwit-parcel-2026.csv");
        Destination honolulu = new Destination("US", "US", "96801", PlaceKind.BUSINESS, Optional.of(new Zone(1, 10)));
        Destination near = new Destination("US", "US", "61102", PlaceKind.BUSINESS, Optional.of(new Zone(1, 10)));
        // 1 lb in zone 8 and in zone 1 of the sheet
        assertThat(offer(shipment(honolulu, Set.of(), parcel(1, "1", "6x4x4")), parcel, "0")
                        .totalCents())
                .isEqualTo(1_525);
        assertThat(offer(shipment(near, Set.of(), parcel(1, "1", "6x4x4")), parcel, "0")
                        .totalCents())
                .isEqualTo(771);
    }

    /** Saturday delivery on wish; 26 November 2026 is a holiday (5 U.S.C. 6103); the cut-off is 16:30. */
    @ParameterizedTest
    @CsvSource({
        "2026-12-01T13:00,1,false,2026-12-01,2026-12-02,0",
        "2026-12-01T16:30,1,false,2026-12-02,2026-12-03,0",
        "2026-11-25T12:00,2,false,2026-11-25,2026-11-27,0",
        "2026-11-25T17:00,1,false,2026-11-27,2026-11-27,-1",
        "2026-12-04T12:00,1,true,2026-12-04,2026-12-05,0",
        "2026-12-04T12:00,1,false,2026-12-04,2026-12-07,0",
        "2026-12-03T12:00,5,true,2026-12-03,2026-12-08,0"
    })
    void theDay(LocalDateTime ready, int zone, boolean saturday, LocalDate departure, LocalDate delivery, int skip) {
        ShipmentToRate shipment = new ShipmentToRate(
                List.of(parcel(1, "2", "9x7x5")),
                zone(zone),
                saturday ? Set.of(Accessorial.SATURDAY_DELIVERY) : Set.of(),
                Set.of(),
                COMPLETE,
                ready,
                Optional.empty());
        Offer offer = offer(shipment, GROUND, "0");
        assertThat(offer.departure()).isEqualTo(departure);
        if (skip == 0) {
            assertThat(offer.delivery()).isEqualTo(delivery);
        } else {
            assertThat(offer.delivery()).isAfter(delivery);
        }
    }

    @Test
    void lateIsCountedInWorkingDays() {
        ShipmentToRate shipment = new ShipmentToRate(
                List.of(parcel(1, "2", "9x7x5")),
                zone(8),
                Set.of(),
                Set.of(),
                COMPLETE,
                TUESDAY.atTime(9, 0),
                Optional.of(LocalDate.of(2026, 12, 4)));
        // five working days: Tuesday the 8th; promised Friday the 4th: two working days late
        assertThat(offer(shipment, GROUND, "0").daysLate()).isEqualTo(2);
    }

    @Test
    void moreWeightNeverCostsLessUnlessTheSheetSaysSoAndTheTotalIsTheSum() {
        Random random = new Random(11);
        for (String file : List.of("plover-saver-2026.csv", "dunlin-overnight-2026.csv", "godwit-parcel-2026.csv")) {
            Tariff sheet = demoSheet(file);
            for (int round = 0; round < 400; round++) {
                int zone = 1 + random.nextInt(8);
                int pounds = 1 + random.nextInt(18);
                String size = (4 + random.nextInt(14)) + "x" + (4 + random.nextInt(10)) + "x" + (2 + random.nextInt(8));
                Offer lighter = offer(shipment(zone(zone), Set.of(), parcel(1, pounds + ".2", size)), sheet, "17.35");
                Offer heavier =
                        offer(shipment(zone(zone), Set.of(), parcel(1, (pounds + 1) + ".2", size)), sheet, "17.35");
                assertThat(heavier.totalCents())
                        .as("%s zone %d", size, zone)
                        .isGreaterThanOrEqualTo(lighter.totalCents());
                assertThat(lighter.chargeTree().cents()).isEqualTo(lighter.totalCents());
            }
        }
    }

    @Test
    void aLaterDeliveryNeverComesFromAnEarlierPickup() {
        LocalDateTime moment = LocalDateTime.of(2026, 11, 1, 0, 15);
        Offer before = null;
        for (int hour = 0; hour < 24 * 90; hour += 5) {
            ShipmentToRate shipment = new ShipmentToRate(
                    List.of(parcel(1, "2", "9x7x5")),
                    zone(4),
                    Set.of(),
                    Set.of(),
                    COMPLETE,
                    moment.plusHours(hour),
                    Optional.empty());
            Offer offer = offer(shipment, GROUND, "0");
            if (before != null) {
                assertThat(offer.departure()).isAfterOrEqualTo(before.departure());
                assertThat(offer.delivery()).isAfterOrEqualTo(before.delivery());
            }
            before = offer;
        }
    }

    @Test
    void saturdayDeliveryIsChargedOnASaturdayOnly() {
        Tariff sheet = DemoRates.sheet("""
                rate sheet,X
                first day,2026-01-01
                currency,USD
                weight step,1 lb
                zones by,distance
                zones,1,6
                up to,20 lb,8.00,9.00
                surcharge,SAT,Saturday,requested Saturday delivery,16.00,package,,
                """);
        Set<Accessorial> saturday = Set.of(Accessorial.SATURDAY_DELIVERY);
        Offer wednesday =
                DemoRates.offer(DemoRates.shipment(DemoRates.zone(1), saturday, parcel(1, "1", "4x4x4")), sheet, "0");
        Offer onSaturday =
                DemoRates.offer(DemoRates.shipment(DemoRates.zone(6), saturday, parcel(1, "1", "4x4x4")), sheet, "0");
        assertThat(wednesday.delivery().getDayOfWeek()).isEqualTo(DayOfWeek.WEDNESDAY);
        assertThat(wednesday.totalCents()).isEqualTo(800);
        assertThat(onSaturday.delivery().getDayOfWeek()).isEqualTo(DayOfWeek.SATURDAY);
        assertThat(onSaturday.totalCents()).isEqualTo(2500);
    }

    /** A sheet that names an index which is not known, or not yet, has no price: it is not taken as no fuel. */
    @Test
    void fuelThatIsNotKnownIsNoFuelForFree() {
        Tariff sheet = DemoRates.sheet("""
                rate sheet,X
                first day,2026-01-01
                currency,USD
                weight step,1 lb
                fuel,F
                zones by,distance
                zones,1
                up to,20 lb,8.00
                """);
        ShipmentToRate shipment = DemoRates.shipment(DemoRates.zone(1), Set.of(), parcel(1, "1", "4x4x4"));
        FuelIndex later = new FuelIndex("F", new TreeMap<>(Map.of(DemoRates.TUESDAY.plusDays(1), 10_000)));
        for (Optional<FuelIndex> fuel : List.of(Optional.<FuelIndex>empty(), Optional.of(later))) {
            Offer offer = new Rating(shipment, CurrencyUnit.USD)
                    .offer(DemoRates.service(CartonKind.CARTON), new Prices(Optional.of(sheet), fuel), AFTERNOON);
            assertThat(offer.isPriced()).isFalse();
            assertThat(offer.objections()).containsExactly(new Objection.FuelUnknown("F", DemoRates.TUESDAY));
        }
    }

    @Test
    void aServiceWithoutPickupOrWithABrokenSheetSaysSoBesideTheOthers() {
        ShipmentToRate shipment = DemoRates.shipment(DemoRates.zone(1), Set.of(), parcel(1, "1", "4x4x4"));
        Rating rating = new Rating(shipment, CurrencyUnit.USD);
        Service service = DemoRates.service(CartonKind.CARTON);
        assertThat(rating.offerWithoutPickup(service, AFTERNOON.calendar()).objections())
                .containsExactly(new Objection.NoPickup("Carrier"));
        assertThat(rating.offer(service, Prices.unusable("Row 3: odd."), AFTERNOON)
                        .objections())
                .containsExactly(new Objection.RateSheetUnusable("Row 3: odd."));
        assertThat(rating.offer(service, prices(GROUND, "0"), AFTERNOON).isAllowed())
                .isTrue();
    }
}
