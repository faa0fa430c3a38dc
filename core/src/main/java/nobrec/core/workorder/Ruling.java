package nobrec.core.workorder;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What the house rules say of a work order.
 *
 * @param acted the rules that acted, in their order
 */
public record Ruling(List<Acted> acted) {

    public static final Ruling NONE = new Ruling(List.of());

    /**
     * A rule that acted.
     *
     * @param why what of the work order met its condition, as a sentence
     * @param acts those that count; one that an earlier rule has decided already is left out
     */
    public record Acted(long ruleId, String name, String why, List<RuleAct> acts) {

        public Acted {
            acts = List.copyOf(acts);
        }

        private boolean does(RuleAct.Kind kind) {
            return acts.stream().anyMatch(act -> act.kind() == kind);
        }

        private Acted withoutHold() {
            return new Acted(
                    ruleId,
                    name,
                    why,
                    acts.stream().filter(act -> act.kind() != RuleAct.Kind.HOLD).toList());
        }
    }

    public Ruling {
        acted = List.copyOf(acted);
    }

    /** The same without the holds of rules that somebody has overruled for this work order. */
    public Ruling withoutHoldsOf(Set<Long> releasedRules) {
        return releasedRules.isEmpty()
                ? this
                : new Ruling(acted.stream()
                        .map(rule -> releasedRules.contains(rule.ruleId()) ? rule.withoutHold() : rule)
                        .filter(rule -> !rule.acts().isEmpty())
                        .toList());
    }

    /** Ids of the rules that hold it. */
    public List<Long> holdingRules() {
        return acted.stream()
                .filter(rule -> rule.does(RuleAct.Kind.HOLD))
                .map(Acted::ruleId)
                .toList();
    }

    /** The act of a kind that only one rule can have its way with. */
    public Optional<RuleAct> the(RuleAct.Kind kind) {
        return all(kind).findFirst();
    }

    /** What every act of a kind says. */
    public List<String> values(RuleAct.Kind kind) {
        return all(kind).map(RuleAct::value).distinct().toList();
    }

    /** Names of the rules that did something of a kind. */
    public List<String> rulesThat(RuleAct.Kind kind) {
        return acted.stream().filter(rule -> rule.does(kind)).map(Acted::name).toList();
    }

    /** What the rules say where the record says nothing or they overrule it; empty where the record counts. */
    public Optional<String> decides(RuleAct.Kind kind, String recorded) {
        return the(kind).filter(act -> act.instead() || recorded.isEmpty()).map(RuleAct::value);
    }

    String decided(RuleAct.Kind kind, String recorded) {
        return decides(kind, recorded).orElse(recorded);
    }

    private Stream<RuleAct> all(RuleAct.Kind kind) {
        return acted.stream().flatMap(rule -> rule.acts().stream()).filter(act -> act.kind() == kind);
    }
}
