package nobrec.core.books;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nobrec.core.books.AccountRules.Booked;
import nobrec.core.books.AccountRules.Rule;
import nobrec.core.charging.FreightTerms;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AccountRulesTest {

    private static final AccountRules RULES = new AccountRules(
            List.of(
                    new Rule(
                            "",
                            "",
                            "Pellworth Robotics",
                            FreightTerms.PREPAID,
                            "5290 Freight Pellworth",
                            "2150 Accrued"),
                    new Rule("CURLEW", "", "", null, "5220 Truck freight", "2160 Accrued trucks"),
                    new Rule("", "BELOIT", "", null, "5215 Freight Beloit", "2150 Accrued")),
            new FreightAccrual("5210 Freight out", "2150 Accrued"));

    @ParameterizedTest
    @CsvSource({
        "CURLEW, BELOIT, Pellworth Robotics, PREPAID, 5290 Freight Pellworth",
        "CURLEW, BELOIT, ' pellworth ROBOTICS', PREPAID, 5290 Freight Pellworth",
        "CURLEW, BELOIT, Pellworth Robotics, PREPAID_AND_BILLED, 5220 Truck freight",
        "PLOVER, BELOIT, Halvard, PREPAID, 5215 Freight Beloit",
        "PLOVER, ROCKFORD, Halvard, PREPAID, 5210 Freight out"
    })
    void theFirstRuleThatFitsSaysTheAccounts(
            String carrier, String site, String customer, FreightTerms terms, String account) {
        assertThat(RULES.accountsOf(new Booked(carrier, site, customer, terms)).expenseAccount())
                .isEqualTo(account);
    }
}
