package nobrec.core.rating;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.address.PlaceKind;
import nobrec.core.carton.CartonKind;
import nobrec.core.service.Objection;
import nobrec.core.service.Service;
import org.joda.money.CurrencyUnit;
import org.junit.jupiter.api.Test;

class ServiceChoiceTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);
    private static final Offer GROUND = offer("GROUND", "Plover Ground", true, "18.42", 3, true);
    private static final Offer SAVER = offer("SAVER", "Plover Saver", false, "15.10", 5, true);
    private static final Offer NIGHT = offer("NIGHT", "Dunlin Overnight", false, "77.30", 1, true);
    private static final Offer REFUSED = offer("LIGHT", "Godwit Light", false, "4.00", 1, false);
    private static final List<Offer> OFFERS = List.of(GROUND, SAVER, NIGHT, REFUSED);

    private static Offer offer(String code, String name, boolean ground, String total, int days, boolean allowed) {
        Service any = DemoRates.service(CartonKind.CARTON);
        long cents = new BigDecimal(total).movePointRight(2).longValueExact();
        return new Offer(
                new Service(
                        code,
                        name,
                        any.carrier(),
                        ground,
                        any.limits(),
                        any.transit(),
                        any.takes(),
                        Set.of(),
                        Set.of(),
                        List.of()),
                CurrencyUnit.USD,
                List.of(new ChargeLine(ChargeLine.SHIPMENT, cents, new ChargeBasis.Minimum(cents, 0))),
                cents,
                allowed ? List.of() : List.of(new Objection.PlaceNotServed(PlaceKind.PO_BOX)),
                TODAY,
                TODAY.plusDays(days),
                0);
    }

    @Test
    void aHouseRuleCountsWhereTheRecordAsksForNothingThatMayGo() {
        ServiceChoice ruled = ServiceChoice.of(OFFERS, Optional.empty(), "", "Plover Saver");
        assertThat(ruled.chosen()).contains("SAVER");
        assertThat(ServiceChoice.of(OFFERS, Optional.empty(), "night", "Plover Saver")
                        .chosen())
                .contains("NIGHT");
        ServiceChoice instead = ServiceChoice.of(OFFERS, Optional.empty(), "pigeon", "Plover Saver");
        assertThat(instead.chosen()).contains("SAVER");
        assertThat(instead.reason())
                .isEqualTo("The job asks for “pigeon”, which is none of our services. A house rule asks for this one.");
    }

    @Test
    void whatThePersonChoseStays() {
        assertThat(ServiceChoice.of(OFFERS, Optional.of("SAVER"), "Plover Ground", "")
                        .chosen())
                .contains("SAVER");
    }

    @Test
    void elseWhatTheJobAsksForHoweverItIsWritten() {
        assertThat(ServiceChoice.of(OFFERS, Optional.empty(), " dunlin overnight", "")
                        .chosen())
                .contains("NIGHT");
        assertThat(ServiceChoice.of(OFFERS, Optional.empty(), "night", "").chosen())
                .contains("NIGHT");
    }

    @Test
    void inTimeIsTheCheapestThatIsThereByTheDayAndMayBeTaken() {
        assertThat(ServiceChoice.cheapestInTime(OFFERS, TODAY.plusDays(1))).contains(NIGHT);
        assertThat(ServiceChoice.cheapestInTime(OFFERS, TODAY.plusDays(3))).contains(GROUND);
        assertThat(ServiceChoice.cheapestInTime(OFFERS, TODAY.plusDays(5))).contains(SAVER);
        assertThat(ServiceChoice.cheapestInTime(OFFERS, TODAY)).isEmpty();
    }

    @Test
    void elseGroundAndItSaysWhy() {
        ServiceChoice refused = ServiceChoice.of(OFFERS, Optional.empty(), "Godwit Light", "");
        assertThat(refused.chosen()).contains("GROUND");
        assertThat(refused.reason()).contains("Godwit Light, which is not allowed");
        ServiceChoice unknown = ServiceChoice.of(OFFERS, Optional.empty(), "pigeon", "");
        assertThat(unknown.reason()).contains("“pigeon”, which is none of our services");
    }

    @Test
    void elseTheCheapestAndNothingWhereNothingIsAllowed() {
        assertThat(ServiceChoice.of(List.of(SAVER, NIGHT), Optional.empty(), "", "")
                        .chosen())
                .contains("SAVER");
        assertThat(ServiceChoice.of(List.of(REFUSED), Optional.empty(), "", "").chosen())
                .isEmpty();
    }

    @Test
    void cheapestAndEarliestAreAmongThoseAllowed() {
        ServiceChoice choice = ServiceChoice.of(OFFERS, Optional.empty(), "", "");
        assertThat(choice.cheapest()).contains("SAVER");
        assertThat(choice.earliest()).contains("NIGHT");
    }

    @Test
    void aDatumThatIsMissingDoesNotTakeTheRequestedServiceAway() {
        Offer lacking = new Offer(
                NIGHT.service(),
                NIGHT.currency(),
                NIGHT.chargeLines(),
                NIGHT.totalCents(),
                List.of(new Objection.PhoneMissing()),
                TODAY,
                TODAY,
                0);
        assertThat(ServiceChoice.of(List.of(GROUND, lacking), Optional.empty(), "night", "")
                        .chosen())
                .contains("NIGHT");
    }

    /** What only lacks a phone number is as early, and as cheap, as it says: another is not called the earliest beside it. */
    @Test
    void whatOnlyLacksADatumCountsForCheapestAndEarliest() {
        Offer lacking = new Offer(
                NIGHT.service(),
                NIGHT.currency(),
                NIGHT.chargeLines(),
                100,
                List.of(new Objection.PhoneMissing()),
                TODAY,
                TODAY.plusDays(1),
                0);
        ServiceChoice choice = ServiceChoice.of(List.of(GROUND, SAVER, lacking), Optional.empty(), "", "");
        assertThat(choice.earliest()).contains("NIGHT");
        assertThat(choice.cheapest()).contains("NIGHT");
        assertThat(choice.chosen()).contains("GROUND");
    }
}
