package nobrec.core.charging;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import nobrec.core.charging.ChargeRule.Applies;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class CustomerChargeTest {

    private static final ChargeRule USUAL =
            new ChargeRule("Usual", Applies.ALWAYS, 10_000, 0, true, 0, 0, 0, 0, 0, Set.of(), false);

    private static Money money(String amount) {
        return Money.parse(CurrencyUnit.USD + " " + amount);
    }

    private static FreightBill bill(FreightTerms terms, String freight, long orderCents, Long estimate) {
        return new FreightBill(
                "Pellworth",
                terms,
                "PLV-GROUND",
                "Plover Ground",
                money(freight),
                money("0.85"),
                orderCents,
                Optional.ofNullable(estimate),
                false);
    }

    private static FreightBill billed(String freight) {
        return bill(FreightTerms.PREPAID_AND_BILLED, freight, 20_000, null);
    }

    private static void adds(CustomerCharge charge) {
        Money sum = charge.lines().stream()
                .map(CustomerCharge.Line::amount)
                .reduce(Money.zero(CurrencyUnit.USD), Money::plus);
        assertThat(sum).isEqualTo(charge.total());
    }

    /** By hand: 18.42 + 1.842 -> 1.84 + 0.85 = 21.11; kept 1.84. */
    @Test
    void perCentAndCartonAtCost() {
        CustomerCharge charge = CustomerCharge.of(billed("18.42"), USUAL);
        assertThat(charge.total()).isEqualTo(money("21.11"));
        assertThat(charge.margin()).isEqualTo(money("1.84"));
        assertThat(charge.lines())
                .extracting(CustomerCharge.Line::reason)
                .contains("10 % of the freight of 18.42, to the nearest cent.");
        adds(charge);
    }

    /** By hand: 18.42 + 8 % 1.47 + 3.50 + 0.85 = 24.24; less 5 % 1.21 = 23.03; up to the next 0.50: 23.50. */
    @Test
    void handlingDiscountAndRounding() {
        ChargeRule rule = new ChargeRule("R", Applies.ALWAYS, 8_000, 350, true, 5_000, 50, 0, 0, 0, Set.of(), false);
        CustomerCharge charge = CustomerCharge.of(billed("18.42"), rule);
        assertThat(charge.lines())
                .extracting(line -> line.amount().toString())
                .containsExactly("USD 18.42", "USD 1.47", "USD 3.50", "USD 0.85", "USD -1.21", "USD 0.47");
        assertThat(charge.total()).isEqualTo(money("23.50"));
        adds(charge);
    }

    @Test
    void floorAndCap() {
        ChargeRule rule = new ChargeRule("R", Applies.ALWAYS, 0, 0, false, 0, 0, 900, 9_500, 0, Set.of(), false);
        assertThat(CustomerCharge.of(billed("4.00"), rule).total()).isEqualTo(money("9.00"));
        assertThat(CustomerCharge.of(billed("140.00"), rule).total()).isEqualTo(money("95.00"));
        assertThat(CustomerCharge.of(billed("140.00"), rule).margin()).isEqualTo(money("-45.85"));
    }

    @Test
    void freeAboveAValueForASlowServiceAndAsQuoted() {
        ChargeRule rule =
                new ChargeRule("R", Applies.ALWAYS, 0, 0, false, 0, 0, 0, 0, 50_000, Set.of("PLV-SAVER"), true);
        FreightBill large = bill(FreightTerms.PREPAID_AND_BILLED, "18.42", 50_000, 1_400L);
        assertThat(CustomerCharge.of(large, rule).lines()).isEmpty();
        assertThat(CustomerCharge.of(large, rule).margin()).isEqualTo(money("-19.27"));
        assertThat(CustomerCharge.of(large, rule).reason()).contains("free for orders from 500.00 on");
        FreightBill slow = new FreightBill(
                "P",
                FreightTerms.PREPAID_AND_BILLED,
                "PLV-SAVER",
                "Plover Saver",
                money("9"),
                money("0"),
                1,
                Optional.empty(),
                false);
        assertThat(CustomerCharge.of(slow, rule).total()).isEqualTo(money("0"));
        FreightBill quoted = bill(FreightTerms.PREPAID_AND_BILLED, "18.42", 100, 1_400L);
        assertThat(CustomerCharge.of(quoted, rule).total()).isEqualTo(money("14.00"));
        adds(CustomerCharge.of(quoted, rule));
    }

    /** By hand: 18.42 + 1.84 + 0.85 = 21.11; quoted were 20.00. */
    @Test
    void aQuoteIsHeldToOrTheDifferenceIsSaid() {
        FreightBill estimate = bill(FreightTerms.PREPAID_AND_BILLED, "18.42", 100, 2_000L);
        assertThat(CustomerCharge.of(estimate, USUAL).total()).isEqualTo(money("21.11"));
        assertThat(CustomerCharge.of(estimate, USUAL).reason())
                .isEqualTo("Rule “Usual”. Quoted were 20.00: it is 1.11 more now.");
        FreightBill held = new FreightBill(
                estimate.customer(),
                estimate.terms(),
                estimate.serviceCode(),
                estimate.serviceName(),
                estimate.freight(),
                estimate.cartons(),
                estimate.orderCents(),
                estimate.estimateCents(),
                true);
        assertThat(CustomerCharge.of(held, USUAL).total()).isEqualTo(money("20.00"));
        assertThat(CustomerCharge.of(held, USUAL).reason())
                .isEqualTo("The quote is held to. Without it 21.11: it is 1.11 more now.");
        assertThat(CustomerCharge.of(held, USUAL).margin()).isEqualTo(money("0.73"));
    }

    @ParameterizedTest
    @EnumSource(value = FreightTerms.class, names = "PREPAID_AND_BILLED", mode = EnumSource.Mode.EXCLUDE)
    void otherTermsBillNothing(FreightTerms terms) {
        CustomerCharge charge = CustomerCharge.of(bill(terms, "18.42", 100, null), USUAL);
        assertThat(charge.total().isZero()).isTrue();
        assertThat(charge.margin()).isEqualTo(money(terms == FreightTerms.PREPAID ? "-19.27" : "-0.85"));
        assertThat(terms.demandsAccount()).isEqualTo(terms != FreightTerms.PREPAID);
    }

    @Test
    void theRuleThatSaysMostCounts() {
        ChargeRule customer =
                named("customer", new Applies(Optional.of("pellworth"), Optional.empty(), Optional.empty(), 0));
        ChargeRule service =
                named("service", new Applies(Optional.empty(), Optional.empty(), Optional.of("PLV-GROUND"), 0));
        ChargeRule value = named("value", new Applies(Optional.empty(), Optional.empty(), Optional.empty(), 10_000));
        ChargeRule other = named("other", new Applies(Optional.of("Halvard"), Optional.empty(), Optional.empty(), 0));
        assertThat(ChargeRules.pick(List.of(USUAL, service, customer, value, other), billed("1")))
                .contains(customer);
        assertThat(ChargeRules.pick(List.of(USUAL, service, value, other), billed("1")))
                .contains(service);
        assertThat(ChargeRules.pick(List.of(USUAL, value, other), billed("1"))).contains(value);
        assertThat(ChargeRules.pick(List.of(other), billed("1"))).isEmpty();
    }

    private static ChargeRule named(String name, Applies when) {
        return new ChargeRule(name, when, 0, 0, false, 0, 0, 0, 0, 0, Set.of(), false);
    }

    @Test
    void linesAlwaysAddUp() {
        Random random = new Random(3);
        for (int round = 0; round < 2_000; round++) {
            ChargeRule rule = new ChargeRule(
                    "R",
                    Applies.ALWAYS,
                    random.nextInt(30_000),
                    random.nextInt(900),
                    random.nextBoolean(),
                    random.nextInt(20_000),
                    random.nextInt(3) * 25L,
                    random.nextInt(2_000),
                    random.nextBoolean() ? 0 : 2_000 + random.nextInt(9_000),
                    0,
                    Set.of(),
                    false);
            CustomerCharge charge = CustomerCharge.of(billed("" + (1 + random.nextInt(200)) + ".37"), rule);
            adds(charge);
            if (rule.capCents() > 0) {
                assertThat(charge.total().getAmountMinorLong()).isLessThanOrEqualTo(rule.capCents());
            }
        }
    }
}
