package nobrec.core.rule;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.workorder.RuleAct;

/**
 * "When this is so, do that."
 *
 * @param last whether no later rule is looked at once this one has acted
 * @param validFrom the day it begins to count; empty when it always did
 */
public record HouseRule(
        long id,
        String name,
        Condition when,
        List<RuleAct> acts,
        boolean last,
        boolean enabled,
        Optional<LocalDate> validFrom) {

    public HouseRule {
        acts = List.copyOf(acts);
    }

    boolean countsOn(LocalDate day) {
        return enabled && validFrom.map(from -> !from.isAfter(day)).orElse(true);
    }
}
