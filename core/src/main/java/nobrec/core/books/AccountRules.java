package nobrec.core.books;

import java.util.List;
import java.util.Locale;
import nobrec.core.charging.FreightTerms;
import org.jspecify.annotations.Nullable;

/**
 * Which accounts the freight of a shipment is booked on: those of the first rule that fits, else the usual ones.
 *
 * @param rules in their order
 */
public record AccountRules(List<Rule> rules, FreightAccrual usual) {

    /**
     * @param carrier code; empty text for any, as for the others
     * @param site code
     * @param customer letter case aside
     * @param terms null for any
     */
    public record Rule(
            String carrier,
            String site,
            String customer,
            @Nullable FreightTerms terms,
            String expenseAccount,
            String liabilityAccount) {

        boolean fits(Booked booked) {
            return fits(carrier, booked.carrier())
                    && fits(site, booked.site())
                    && fits(customer, booked.customer())
                    && (terms == null || terms == booked.terms());
        }

        private static boolean fits(String asked, String given) {
            return asked.isEmpty()
                    || asked.strip()
                            .toLowerCase(Locale.ROOT)
                            .equals(given.strip().toLowerCase(Locale.ROOT));
        }
    }

    /** What decides on which accounts something is booked. */
    public record Booked(String carrier, String site, String customer, FreightTerms terms) {}

    public AccountRules {
        rules = List.copyOf(rules);
    }

    public FreightAccrual accountsOf(Booked booked) {
        return rules.stream()
                .filter(rule -> rule.fits(booked))
                .findFirst()
                .map(rule -> new FreightAccrual(rule.expenseAccount(), rule.liabilityAccount()))
                .orElse(usual);
    }
}
