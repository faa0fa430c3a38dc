package nobrec.core.charging;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CustomerChargeTest {

    private static final ChargeRule TEN_PER_CENT = new ChargeRule(new BigDecimal("10"), true);

    private static Money dollars(String amount) {
        return Money.of(CurrencyUnit.USD, new BigDecimal(amount));
    }

    /** By hand: 18.42 + 10 % = 1.842, so 1.84, + 0.85 = 21.11; less 18.42 and 0.85 we keep 1.84. */
    @Test
    void costPlusMarkupPlusCarton() {
        CustomerCharge charge = CustomerCharge.of(
                dollars("18.42"), "Plover Ground", dollars("0.85"), FreightTerms.PREPAID_AND_BILLED, TEN_PER_CENT);
        assertThat(charge.lines())
                .containsExactly(
                        new CustomerCharge.Line("Plover Ground", dollars("18.42")),
                        new CustomerCharge.Line("10 % markup", dollars("1.84")),
                        new CustomerCharge.Line("cartons", dollars("0.85")));
        assertThat(charge.total()).isEqualTo(dollars("21.11"));
        assertThat(charge.margin()).isEqualTo(dollars("1.84"));
    }

    @ParameterizedTest
    @CsvSource({"PREPAID, -19.27", "COLLECT, -0.85", "THIRD_PARTY, -0.85"})
    void otherTermsBillNothingAndShowWhatItCostsUs(FreightTerms terms, String margin) {
        CustomerCharge charge =
                CustomerCharge.of(dollars("18.42"), "Plover Ground", dollars("0.85"), terms, TEN_PER_CENT);
        assertThat(charge.lines()).isEmpty();
        assertThat(charge.total().isZero()).isTrue();
        assertThat(charge.margin()).isEqualTo(dollars(margin));
        assertThat(charge.reason()).contains(terms.words());
    }

    @Test
    void aHalfCentIsRoundedUp() {
        CustomerCharge charge = CustomerCharge.of(
                dollars("10.05"), "Plover Ground", dollars("0"), FreightTerms.PREPAID_AND_BILLED, TEN_PER_CENT);
        assertThat(charge.total()).isEqualTo(dollars("11.06"));
    }

    @ParameterizedTest
    @CsvSource({"'', PREPAID_AND_BILLED", "We Pay And Bill, PREPAID_AND_BILLED", "receiver pays, COLLECT"})
    void readsTerms(String text, FreightTerms terms) {
        assertThat(FreightTerms.read(text)).contains(terms);
        assertThat(FreightTerms.read("who knows")).isEmpty();
    }
}
