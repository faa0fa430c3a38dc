package nobrec.core.rule;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import nobrec.core.measure.UnitSystem;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.WorkOrder;

/**
 * The house rules in their order. Every rule that holds acts; of what only one can decide (service, carton, terms, site, slip
 * design) the first has its way; what can be said more than once (accessorials, holds, demands, notes) adds up.
 */
public final class RuleBook {

    private final List<HouseRule> rules;
    private final UnitSystem units;

    /** @param units in which reasons name weights */
    public RuleBook(List<HouseRule> rules, UnitSystem units) {
        this.rules = List.copyOf(rules);
        this.units = units;
    }

    /**
     * What the rules say of a work order.
     *
     * @param recorded as its record says it, without what rules made of it
     */
    public Ruling of(WorkOrder recorded, LocalDate today) {
        JobFacts facts = new JobFacts(recorded, today);
        List<Ruling.Acted> acted = new ArrayList<>();
        Set<RuleAct.Kind> decided = EnumSet.noneOf(RuleAct.Kind.class);
        for (HouseRule rule : rules) {
            if (rule.countsOn(today) && rule.when().holds(facts)) {
                List<RuleAct> acts = rule.acts().stream()
                        .filter(act -> !act.kind().isOnlyOnce() || decided.add(act.kind()))
                        .toList();
                if (!acts.isEmpty()) {
                    acted.add(new Ruling.Acted(
                            rule.id(), rule.name(), new RuleReasons(facts, units).of(rule.when()), acts));
                }
                if (rule.last()) {
                    break;
                }
            }
        }
        return acted.isEmpty() ? Ruling.NONE : new Ruling(acted);
    }

    public boolean isEmpty() {
        return rules.isEmpty();
    }

    /** Whether another day alone may make the rules say something else. */
    public boolean changesBetween(LocalDate one, LocalDate other) {
        return rules.stream()
                .filter(HouseRule::enabled)
                .anyMatch(rule -> rule.countsOn(one) != rule.countsOn(other)
                        || rule.countsOn(other)
                                && rule.when().tests().anyMatch(has -> has.fact() == Fact.DAYS_TO_PROMISE));
    }
}
