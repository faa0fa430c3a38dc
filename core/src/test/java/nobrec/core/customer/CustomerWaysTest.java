package nobrec.core.customer;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import nobrec.core.address.PostalAddress;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;

/** Whoever chooses by day and price alone finds all that is worth choosing, and nothing else. */
class CustomerWaysTest {

    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);

    private static CustomerWay way(String code, int days, long cents, boolean chosen) {
        return way(code, days, cents, 100, chosen);
    }

    private static CustomerWay way(String code, int days, long cents, long margin, boolean chosen) {
        return new CustomerWay(code, code, "Dunlin", MONDAY.plusDays(days), usd(cents), usd(margin), 0, chosen);
    }

    private static Money usd(long cents) {
        return Money.ofMinor(CurrencyUnit.USD, cents);
    }

    private static List<String> codes(CustomerWays ways) {
        return ways.all().stream().map(CustomerWay::serviceCode).toList();
    }

    @Test
    void theSoonestComesFirstAndWhatIsLaterAndDearerIsLeftOut() {
        CustomerWays ways = CustomerWays.of(
                List.of(
                        way("GROUND", 4, 1_200, false),
                        way("SLOW", 5, 1_300, false),
                        way("NEXT", 1, 4_000, false),
                        way("TWO", 2, 2_500, false),
                        way("TWO-B", 2, 2_500, false)),
                Set.of());
        assertThat(codes(ways)).containsExactly("NEXT", "TWO", "GROUND");
    }

    @Test
    void theWayItGoesStaysWhateverItCostsAndWhoeverMayChooseIt() {
        CustomerWays ways = CustomerWays.of(
                List.of(way("GROUND", 4, 1_200, false), way("OWN", 6, 9_900, true), way("NEXT", 1, 4_000, false)),
                Set.of("GROUND"));
        assertThat(codes(ways)).containsExactly("GROUND", "OWN");
        assertThat(ways.price()).contains(usd(9_900));
        assertThat(ways.byCode("NEXT")).isEmpty();
    }

    @Test
    void whereFreightIsFreeNobodyChoosesTheDearestAtOurCost() {
        CustomerWays ways = CustomerWays.of(
                List.of(
                        way("GROUND", 4, 0, -1_200, true),
                        way("NEXT", 1, 0, -4_000, false),
                        way("PARTNER", 3, 0, -1_100, false),
                        way("PAID", 2, 3_000, 400, false)),
                Set.of());
        assertThat(codes(ways)).containsExactly("PAID", "PARTNER", "GROUND");
    }

    /** Property over 500 random sets of ways. */
    @Test
    void noneThatStaysIsBeatenAndEachThatIsLeftOutIs() {
        Random random = new Random(7);
        for (int round = 0; round < 500; round++) {
            List<CustomerWay> usable = new ArrayList<>();
            for (int each = 0; each < 8; each++) {
                usable.add(way("S" + each, random.nextInt(4), 100L * random.nextInt(5), false));
            }
            List<CustomerWay> kept = CustomerWays.of(usable, Set.of()).all();
            for (CustomerWay way : usable) {
                boolean beaten = kept.stream().anyMatch(other -> !other.equals(way) && other.isAsGoodAs(way));
                assertThat(kept.contains(way)).isEqualTo(!beaten);
            }
        }
    }

    @Test
    void anAddressWaitsForTheShopWhereThePriceOrTheCountryChanges() {
        PostalAddress before = new PostalAddress("Quill", "", "1 Elm St", "", "Beloit", "WI", "53511", "US");
        PostalAddress abroad = new PostalAddress("Quill", "", "1 Elm St", "", "Toronto", "ON", "M5V 2T6", "CA");
        PostalAddress there = new PostalAddress("Quill", "", "2 Oak St", "", "Beloit", "WI", "53511", "US");
        Optional<Money> price = Optional.of(usd(1_200));
        assertThat(AddressAnswer.of(before, there, price, price, false).waits()).isFalse();
        assertThat(AddressAnswer.of(before, there, price, price, true).waits()).isTrue();
        assertThat(AddressAnswer.of(before, abroad, price, price, false).waits())
                .isTrue();
        assertThat(AddressAnswer.of(before, there, price, Optional.of(usd(1_300)), false))
                .isEqualTo(new AddressAnswer(true, "The price changes."));
        assertThat(AddressAnswer.of(before, there, price, Optional.empty(), false)
                        .waits())
                .isTrue();
        assertThat(AddressAnswer.of(before, there, Optional.empty(), Optional.empty(), false)
                        .waits())
                .isFalse();
    }
}
