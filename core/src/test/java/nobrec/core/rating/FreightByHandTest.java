package nobrec.core.rating;

import static nobrec.core.rating.DemoRates.offer;
import static nobrec.core.rating.DemoRates.parcel;
import static nobrec.core.rating.DemoRates.shipment;
import static nobrec.core.rating.DemoRates.zone;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.item.FreightClass;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.service.Accessorial;
import nobrec.core.service.Objection;
import nobrec.core.service.ShipmentToRate.GoodsOfClass;
import nobrec.core.service.ShipmentToRate.PackageToRate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A small freight sheet whose figures were worked out by hand, on paper. */
class FreightByHandTest {

    private static final String HEAD = """
            freight sheet,HAND
            first day,2026-01-01
            currency,USD
            units,lb in
            fuel,F
            zones by,distance
            surcharge,LFT,Liftgate,requested liftgate,88.00,shipment,,
            surcharge,APT,Appointment,requested appointment,31.00,shipment,,
            surcharge,LIM,Limited access,requested limited access,92.00,shipment,access,fuel
            surcharge,INS,Inside delivery,requested inside delivery,6.50 per 100 lb | 95.00,shipment,,
            maximum weight,20000 lb
            """;
    private static final String RATES = """
            zones,1,2,3,4,5,6,7,8
            from,0,500 lb,1000 lb
            rate,4,70,38.00,32.10,28.40
            rate,4,100,50.00,44.00,38.00
            """;
    private static final Tariff PLAIN = DemoRates.sheet(HEAD + RATES);
    private static final Tariff FULL = DemoRates.sheet(HEAD + "discount,60 %\nminimum,150.00\n" + RATES);

    private static List<Long> cents(Offer offer) {
        return offer.chargeLines().stream().map(ChargeLine::cents).toList();
    }

    /** Source: NMFTA density guideline of 2025, from memory, and arithmetic: 48 x 40 x 52 in, 1,200 lb: 20.77, class 70. */
    @ParameterizedTest
    @CsvSource({
        "1200,52,70",
        "57,52,400",
        "58,52,300",
        "115,52,300",
        "116,52,250",
        "577,52,100",
        "578,52,92.5",
        "2888,52,55",
        "2889,52,50"
    })
    void classByDensity(String pounds, String height, String expected) {
        Size size = Size.of("48", "40", height, LengthUnit.INCH);
        assertThat(FreightClass.ofDensity(DemoRates.pounds(pounds), size)).hasToString(expected);
    }

    /** Common practice, no source; arithmetic: 950 lb at 32.10 is 304.95; as 1,000 lb at 28.40 it is 284.00. In lines: 269.80 and 50 lb for 14.20. */
    @Test
    void theDeficitIsBilledWhereThatIsLess() {
        Offer offer = offer(shipment(zone(4), Set.of(), parcel(1, "950", "48x40x42")), PLAIN, "0");
        assertThat(offer.totalCents()).isEqualTo(28_400);
        assertThat(cents(offer)).containsExactly(26_980L, 1_420L);
        assertThat(offer.chargeLines().get(1).basis().sentence(UnitSystem.POUND_INCH))
                .isEqualTo(
                        "50 lb more are billed, at 28.40 per hundred lb of class 70, to reach the rates from 1000 lb on:"
                                + " that saves 20.95.");
        Offer below = offer(shipment(zone(4), Set.of(), parcel(1, "800", "48x40x36")), PLAIN, "0");
        assertThat(cents(below)).containsExactly(25_680L);
    }

    /**
     * Two pallets: 600 lb of 48 x 40 x 30 in is 33.33 cubic ft, 18.0 lb each: class 70; 300 lb of 48 x 40 x 30 in is 9.0: class
     * 100. 900 lb, break from 500: 600 x 32.10 = 192.60 and 300 x 44.00 = 132.00: 324.60. As 1,000 lb: 170.40 + 114.00 + 100 lb
     * of class 70 at 28.40 = 28.40: 312.80, which is less. Less 60 %: 187.68; 125.12, raised to 150.00 by 24.88. Liftgate 88.00,
     * appointment 31.00, limited access 92.00, inside the greater of nine hundreds at 6.50 = 58.50 and 95.00. Fuel 28.4 % of
     * 150.00 + 92.00 = 242.00: 68.728, so 68.73. Total 150 + 88 + 31 + 92 + 95 + 68.73 = 524.73.
     */
    @Test
    void mixedClassesDiscountMinimumAccessorialsAndFuel() {
        Offer offer = offer(
                shipment(
                        zone(4),
                        Set.of(
                                Accessorial.LIFTGATE,
                                Accessorial.APPOINTMENT,
                                Accessorial.LIMITED_ACCESS,
                                Accessorial.INSIDE_DELIVERY),
                        parcel(1, "600", "48x40x30"),
                        parcel(2, "300", "48x40x30")),
                FULL,
                "28.4");
        assertThat(cents(offer))
                .containsExactly(17_040L, 11_400L, 2_840L, -18_768L, 2_488L, 8_800L, 3_100L, 9_200L, 9_500L, 6_873L);
        assertThat(offer.totalCents()).isEqualTo(52_473);
    }

    /**
     * One pallet of 901 lb, the pallet included: 530 lb of goods of class 70 as given, 265 lb of goods without a class. 48 x 40 x
     * 88 in is 97.78 cubic ft, 9.2 lb each: class 100 for those without. Of 901 lb 530/795 is 600.67, so 601 lb of class 70 and 300
     * lb of class 100. Break from 500: 601 x 32.10 = 192.921, so 192.92, and 132.00: 324.92. As 1,000 lb: 170.684, so 170.68,
     * 114.00, and 99 lb of class 70 at 28.40: 28.116, so 28.12: 312.80, which is less.
     */
    @Test
    void theClassesOfTheLinesShareTheWeightOfTheirPallet() {
        PackageToRate pallet = withGoods(
                parcel(1, "901", "48x40x88"),
                new GoodsOfClass(FreightClass.read("70"), DemoRates.pounds("530")),
                new GoodsOfClass(Optional.empty(), DemoRates.pounds("265")));
        Offer offer = offer(shipment(zone(4), Set.of(), pallet), PLAIN, "0");
        assertThat(cents(offer)).containsExactly(17_068L, 11_400L, 2_812L);
        assertThat(offer.chargeLines().get(0).basis().sentence(UnitSystem.POUND_INCH))
                .isEqualTo("Class 70 as given: 601 lb at 28.40 per hundred lb, the rate from 1000 lb on.");
        assertThat(offer.chargeLines().get(1).basis().sentence(UnitSystem.POUND_INCH))
                .startsWith("Class 100 by density: 300 lb");
    }

    private static PackageToRate withGoods(PackageToRate each, GoodsOfClass... goods) {
        return new PackageToRate(
                each.number(),
                each.weight(),
                each.weighed(),
                each.size(),
                each.kind(),
                each.supply(),
                each.declaredCents(),
                List.of(goods));
    }

    @Test
    void aClassOrZoneThatIsNotOnTheSheetIsSaid() {
        Offer light = offer(shipment(zone(4), Set.of(), parcel(1, "50", "48x40x40")), PLAIN, "0");
        assertThat(light.objections().get(0).sentence(UnitSystem.POUND_INCH))
                .isEqualTo("Its rate sheet has no rate for class 300 in zone 4.");
        Offer heavy = offer(shipment(zone(4), Set.of(), parcel(1, "20001", "90x90x90")), PLAIN, "0");
        assertThat(heavy.objections()).anyMatch(Objection.TooHeavyAltogether.class::isInstance);
    }
}
