package nobrec.core.rating;

import static nobrec.core.rating.DemoRates.offer;
import static nobrec.core.rating.DemoRates.parcel;
import static nobrec.core.rating.DemoRates.shipment;
import static nobrec.core.rating.DemoRates.zone;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.address.PlaceKind;
import nobrec.core.carton.CartonKind;
import nobrec.core.measure.UnitSystem;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.service.Accessorial;
import nobrec.core.service.Destination;
import nobrec.core.service.Objection;
import nobrec.core.service.ShipmentToRate.PackageToRate;
import nobrec.core.service.Zone;
import org.junit.jupiter.api.Test;

/** A small parcel sheet whose figures were worked out by hand, on paper. */
class ParcelByHandTest {

    private static final Tariff SHEET = DemoRates.sheet("""
            rate sheet,HAND
            first day,2026-01-01
            currency,USD
            units,lb in
            weight step,1 lb
            size step,1 in,up
            divisor,139,1000
            fuel,F
            zones by,distance
            surcharge,RES,Residence,residence,4.00,package,area,fuel
            surcharge,REM,Remote area,remote area,6.00,package,area,fuel
            remote area,537
            surcharge,LON,Long package,longest above 48 in,15.00,package,handling,fuel
            surcharge,SHP,Not a box,not a box,12.00,package,handling,fuel
            surcharge,DCV,Declared value,declared above 100.00,1.10 per 100 declared | 4.05,package,,
            surcharge,SIG,Signature,requested signature,5.75,shipment,,
            discount,2 3,5 lb,20 lb,12.5 %
            minimum,9.00
            minimum billable,girth,130 in,90 lb
            maximum weight,100 lb
            zones,1,2,3,4,5,6,7,8
            up to,1 lb,8.00,8.50,9.00,9.50,10.00,10.50,11.00,11.50
            up to,13 lb,13.00,14.00,15.00,16.00,17.00,18.00,19.00,20.00
            up to,20 lb,18.00,20.00,22.00,24.00,26.00,28.00,30.00,32.00
            above,0.50,0.60,0.70,0.80,0.90,1.00,1.10,1.20
            """);

    private static List<Long> cents(Offer offer) {
        return offer.chargeLines().stream().map(ChargeLine::cents).toList();
    }

    /**
     * Package of 6.2 lb, 12 x 12 x 12 in: 1728 / 139 = 12.43, so 13 lb (common practice, from memory); 7 lb by weight; billed 13 lb, zone 2:
     * 14.00. Discount 12.5 % of 14.00 = 1.75; 12.25, above the minimum. Residence 4.00 and remote 6.00 exclude each other: 6.00.
     * Declared 250.00: three hundreds at 1.10 = 3.30, at least 4.05: 4.05. Signature 5.75. Fuel 16.5 % of 12.25 + 6.00 = 18.25:
     * 3.01125, so 3.01. Total 12.25 + 6.00 + 4.05 + 5.75 + 3.01 = 31.06.
     */
    @Test
    void sizeWeightDiscountThreeSurchargesAndFuel() {
        PackageToRate plain = parcel(1, "6.2", "12x12x12");
        PackageToRate declared = new PackageToRate(
                1, plain.weight(), true, plain.size(), plain.kind(), plain.supply(), 25_000, List.of());
        Destination home = new Destination("US", "US", "53703", PlaceKind.RESIDENCE, Optional.of(new Zone(2, 100)));
        Offer offer = offer(shipment(home, Set.of(Accessorial.SIGNATURE), declared), SHEET, "16.5");
        assertThat(cents(offer)).containsExactly(1400L, -175L, 600L, 405L, 575L, 301L);
        assertThat(offer.totalCents()).isEqualTo(3106);
        assertThat(offer.chargeTree().cents()).isEqualTo(3106);
        assertThat(offer.chargeTree().parts())
                .singleElement()
                .satisfies(part -> assertThat(part.cents()).isEqualTo(1400 - 175 + 600 + 405));
        assertThat(offer.chargeLines())
                .extracting(line -> line.basis().sentence(UnitSystem.POUND_INCH))
                .contains(
                        "Size counts: weighs 6.20 lb → 7 lb, 12 × 12 × 12 in / 139 → 13 lb; billed 13 lb in zone 2.",
                        "12.5 % off 14.00, to the nearest cent.",
                        "The postal code lies in a remote area: 6.00 for the package; the largest of those for area only.",
                        "The declared value is above 100.00: the greater of 1.10 for each 100.00 declared and 4.05 for the"
                                + " package.",
                        "16.5 % of 18.25 (base rate, and the surcharges that bear fuel) by index F, to the nearest cent.");
    }

    /** 10 x 10 x 10 = 1000 is not above 1000, so size does not count: 1 lb, zone 1, 8.00; raised to the minimum 9.00; fuel 0.90. */
    @Test
    void aSmallBoxIsBilledByWeightAndRaisedToTheMinimum() {
        Offer offer = offer(shipment(elsewhere(1), Set.of(), parcel(1, "0.9", "10x10x10")), SHEET, "10");
        assertThat(cents(offer)).containsExactly(800L, 100L, 90L);
        assertThat(offer.chargeLines().get(0).basis().sentence(UnitSystem.POUND_INCH))
                .contains("10 × 10 × 10 in is not above 1000 cubic in, so size does not count");
        assertThat(offer.chargeLines().get(1).basis().sentence(UnitSystem.POUND_INCH))
                .isEqualTo("Raises 8.00 to the sheet's minimum of 9.00.");
    }

    /** 25 lb in zone 3: 22.00 and five pounds above the last break at 0.70: 25.50. Long and not a box: 15.00, the greater. */
    @Test
    void aboveTheLastBreakAndTheGreaterOfAGroup() {
        PackageToRate tube = new PackageToRate(
                1,
                Optional.of(DemoRates.pounds("25")),
                true,
                parcel(1, "1", "50x3x3").size(),
                CartonKind.TUBE,
                parcel(1, "1", "50x3x3").supply(),
                0,
                List.of());
        Offer offer = offer(shipment(elsewhere(3), Set.of(), tube), SHEET, "0");
        assertThat(cents(offer)).containsExactly(2550L, 1500L);
    }

    /** Length plus girth of 40 x 24 x 24 is 136, above 130: billed 90 lb at least: 18.00 + 70 x 0.50 = 53.00; minimum is below. */
    @Test
    void aLargePieceIsBilledByItsMinimumWeight() {
        Offer large = offer(shipment(elsewhere(1), Set.of(), parcel(1, "3", "40x24x10")), SHEET, "0");
        assertThat(cents(large)).containsExactly(1800L + 50 * 50);
        Offer larger = offer(shipment(elsewhere(1), Set.of(), parcel(1, "3", "40x24x21")), SHEET, "0");
        assertThat(larger.objections()).singleElement().isInstanceOf(Objection.BeyondRateSheet.class);
        Offer minimum = offer(shipment(elsewhere(1), Set.of(), parcel(1, "3", "120x4x4")), SHEET, "0");
        assertThat(cents(minimum).get(0)).isEqualTo(1800L + 70 * 50);
        assertThat(minimum.chargeLines().get(0).basis().sentence(UnitSystem.POUND_INCH))
                .startsWith("Large piece, billed 90 lb at least");
    }

    private static Destination elsewhere(int number) {
        return new Destination(
                "US", "US", "10001", PlaceKind.BUSINESS, zone(number).distance());
    }
}
