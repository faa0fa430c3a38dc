package nobrec.server.books;

import nobrec.core.books.AccountRules;
import nobrec.core.charging.FreightTerms;
import org.jspecify.annotations.Nullable;

/** A row of table account_rule. */
record AccountRuleRow(
        int position,
        String carrier,
        String site,
        String customer,
        @Nullable FreightTerms terms,
        String expenseAccount,
        String liabilityAccount) {

    AccountRules.Rule rule() {
        return new AccountRules.Rule(carrier, site, customer, terms, expenseAccount, liabilityAccount);
    }
}
