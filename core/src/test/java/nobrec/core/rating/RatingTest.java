package nobrec.core.rating;

import static nobrec.core.rating.Sheets.byThePound;
import static nobrec.core.rating.Sheets.dollars;
import static nobrec.core.rating.Sheets.pounds;
import static nobrec.core.rating.Sheets.service;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import nobrec.core.address.PlaceKind;
import nobrec.core.calendar.Pickup;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.rating.ShipmentToRate.PackageToRate;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;

class RatingTest {

    private static final Pickup PICKUP =
            new Pickup(LocalTime.of(16, 30), EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY));
    private static final LocalDateTime TUESDAY_NOON = LocalDateTime.of(2026, 12, 1, 12, 0);
    private static final Zone ZONE_4 = new Zone(4, 420);
    private static final Service GROUND = service("GROUND", "Plover Ground", true, PlaceKind.PO_BOX);

    private static PackageToRate parcel(int number, String weight, String length, String width, String height) {
        return new PackageToRate(
                number, Optional.of(pounds(weight)), true, Size.of(length, width, height, LengthUnit.INCH));
    }

    private static ShipmentToRate shipment(PlaceKind kind, PackageToRate... packages) {
        return new ShipmentToRate(
                List.of(packages), ZONE_4, kind, TUESDAY_NOON, Optional.of(LocalDate.of(2026, 12, 3)));
    }

    /**
     * Worked out by hand. Zone 4 costs 10.00 + 4 x 0.50 = 12.00 and 1.00 a pound.
     *
     * <pre>
     * Package 1: 4.2 lb, so 5 lb; 12 x 9 x 6 in = 648 / 139 = 4.66, so 5 lb; billed 5 lb    12.00 + 5 = 17.00
     *            residence                                                                            5.55
     * Package 2: 3.0 lb; 20 x 14 x 10 in = 2800 / 139 = 20.14, so 21 lb; billed 21 lb     12.00 + 21 = 33.00
     *            residence                                                                            5.55
     * Together                                                                                       61.10
     * Fuel 16.5 % of 61.10 = 10.0815                                                                 10.08
     * Total                                                                                          71.18
     * </pre>
     */
    @Test
    void aSheetWorkedOutOnPaper() {
        Offer offer = Rating.offer(
                shipment(PlaceKind.RESIDENCE, parcel(1, "4.2", "12", "9", "6"), parcel(2, "3", "20", "14", "10")),
                GROUND,
                Optional.of(byThePound("5.55", "16.5", 139)),
                PICKUP);
        assertThat(offer.chargeLines().stream().map(ChargeLine::amount))
                .containsExactly(
                        dollars("17.00"), dollars("5.55"), dollars("33.00"), dollars("5.55"), dollars("10.08"));
        assertThat(offer.total()).contains(dollars("71.18"));
        assertThat(offer.isAllowed()).isTrue();
        assertThat(offer.departure()).isEqualTo(LocalDate.of(2026, 12, 1));
        assertThat(offer.delivery()).isEqualTo(LocalDate.of(2026, 12, 3));
        assertThat(offer.daysLate()).isZero();
        assertThat(offer.chargeLines().get(2).basis().sentence(UnitSystem.POUND_INCH))
                .isEqualTo("Size counts: weighs 3.00 lb → 3 lb, 20 × 14 × 10 in / 139 → 21 lb; billed 21 lb in zone 4"
                        + " (420 miles).");
    }

    @Test
    void aRoundedSideIsShownSoThatTheSumCanBeFollowed() {
        Offer offer = Rating.offer(
                shipment(PlaceKind.BUSINESS, parcel(1, "1", "9.5", "7.5", "5.5")),
                GROUND,
                Optional.of(byThePound("0", "0", 139)),
                PICKUP);
        assertThat(offer.chargeLines().get(0).basis().sentence(UnitSystem.POUND_INCH))
                .contains("9.5 × 7.5 × 5.5 in → 10 × 8 × 6 in / 139 → 4 lb");
    }

    @Test
    void everyReasonAgainstAServiceIsGiven() {
        Offer offer = Rating.offer(
                shipment(PlaceKind.PO_BOX, parcel(1, "45", "50", "20", "20")),
                GROUND,
                Optional.of(byThePound("0", "0", 1390)),
                PICKUP);
        assertThat(offer.isAllowed()).isFalse();
        assertThat(offer.objections().stream().map(Object::getClass).map(Class::getSimpleName))
                .containsExactly("PlaceNotServed", "TooHeavy", "TooLong", "TooBulky");
        assertThat(offer.total())
                .as("still priced, so that she sees the difference")
                .isPresent();
    }

    @Test
    void withoutAWeightOrASheetThereIsNoPriceAndItSaysWhy() {
        ShipmentToRate unknown = shipment(
                PlaceKind.BUSINESS,
                new PackageToRate(1, Optional.empty(), false, Size.of("10", "10", "10", LengthUnit.INCH)));
        Offer noWeight = Rating.offer(unknown, GROUND, Optional.of(byThePound("0", "10", 139)), PICKUP);
        assertThat(noWeight.objections()).containsExactly(new Objection.NoWeight(1));
        assertThat(noWeight.total()).isEmpty();
        Offer noSheet = Rating.offer(unknown, GROUND, Optional.empty(), PICKUP);
        assertThat(noSheet.objections()).contains(new Objection.NoRateSheet());
        Offer beyond = Rating.offer(
                shipment(PlaceKind.BUSINESS, parcel(1, "3", "40", "20", "14")),
                GROUND,
                Optional.of(byThePound("0", "0", 139)),
                PICKUP);
        assertThat(beyond.objections()).containsExactly(new Objection.BeyondRateSheet(1, pounds("81"), pounds("1")));
        assertThat(beyond.chargeLines()).isEmpty();
    }

    @Test
    void leavesTomorrowAfterTheCutOffAndIsThenLate() {
        ShipmentToRate afterCutOff = new ShipmentToRate(
                List.of(parcel(1, "4", "10", "10", "10")),
                ZONE_4,
                PlaceKind.BUSINESS,
                TUESDAY_NOON.withHour(16).withMinute(30),
                Optional.of(LocalDate.of(2026, 12, 3)));
        Offer offer = Rating.offer(afterCutOff, GROUND, Optional.of(byThePound("0", "0", 139)), PICKUP);
        assertThat(offer.departure()).isEqualTo(LocalDate.of(2026, 12, 2));
        assertThat(offer.delivery()).isEqualTo(LocalDate.of(2026, 12, 4));
        assertThat(offer.daysLate()).isEqualTo(1);
    }

    /** Over random shipments: lines add up to the total to the cent, and more weight never costs less. */
    @Test
    void theTotalIsTheSumAndWeightNeverMakesItCheaper() {
        Random random = new Random(2026);
        RateSheet sheet = byThePound("4.35", "17.25", 139);
        for (int round = 0; round < 2_000; round++) {
            List<PackageToRate> light = new ArrayList<>();
            List<PackageToRate> heavy = new ArrayList<>();
            for (int number = 1; number <= 1 + random.nextInt(3); number++) {
                Size size = Size.of(
                        "" + (1 + random.nextInt(20)),
                        "" + (1 + random.nextInt(15)),
                        "" + (1 + random.nextInt(15)),
                        LengthUnit.INCH);
                Weight weight = pounds("" + (1 + random.nextInt(2_000)) + "e-2");
                light.add(new PackageToRate(number, Optional.of(weight), true, size));
                heavy.add(new PackageToRate(
                        number, Optional.of(weight.plus(pounds("" + random.nextInt(9)))), true, size));
            }
            PlaceKind kind = PlaceKind.values()[random.nextInt(2)];
            Money one = totalOf(light, kind, sheet);
            Money other = totalOf(heavy, kind, sheet);
            assertThat(other).isGreaterThanOrEqualTo(one);
        }
    }

    private static Money totalOf(List<PackageToRate> packages, PlaceKind kind, RateSheet sheet) {
        Offer offer = Rating.offer(
                new ShipmentToRate(packages, ZONE_4, kind, TUESDAY_NOON, Optional.empty()),
                GROUND,
                Optional.of(sheet),
                PICKUP);
        Money sum =
                Money.total(offer.chargeLines().stream().map(ChargeLine::amount).toList());
        assertThat(offer.total()).contains(sum);
        return sum;
    }
}
