package nobrec.core.charging;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Which of the shop's rules counts for a shipment. */
public final class ChargeRules {

    private ChargeRules() {}

    /** The one that says most about the shipment; of two that say the same the one named first by the alphabet. */
    public static Optional<ChargeRule> pick(List<ChargeRule> rules, FreightBill bill) {
        return rules.stream()
                .filter(rule -> rule.when().fits(bill))
                .max(Comparator.<ChargeRule>comparingInt(rule -> rule.when().weight())
                        .thenComparingLong(rule -> rule.when().orderFromCents())
                        .thenComparing(ChargeRule::name, Comparator.reverseOrder()));
    }
}
