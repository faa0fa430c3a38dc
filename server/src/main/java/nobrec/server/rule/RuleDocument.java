package nobrec.server.rule;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.rule.Fact;
import nobrec.core.rule.WrittenRule;
import nobrec.core.rule.WrittenRule.Kind;
import nobrec.core.rule.WrittenRule.TestKind;
import nobrec.core.rule.WrittenRule.WrittenCondition;
import nobrec.core.workorder.RuleAct;

/**
 * A house rule as people write it.
 *
 * @param last whether no later rule is looked at once this one has acted
 * @param validFrom the day it begins to count; left out when it always did
 */
public record RuleDocument(
        @NotNull @Size(max = Limits.RULE_NAME) String name,
        @NotNull @Valid ConditionDocument when,
        @NotNull @Size(max = Limits.ACTS_OF_RULE) List<@NotNull @Valid ActDocument> acts,
        boolean last,
        boolean enabled,
        Optional<LocalDate> validFrom) {

    /**
     * A group of conditions, or a test of one fact.
     *
     * @param parts of a group; an outermost group of all without parts holds for every job
     * @param name of the custom field that is asked for
     * @param texts that a test compares with
     * @param from the least figure that passes, with its unit
     * @param until the greatest
     */
    public record ConditionDocument(
            @NotNull Kind kind,
            Optional<@Size(max = Limits.PARTS_OF_CONDITION) List<@NotNull @Valid ConditionDocument>> parts,
            Optional<Fact> fact,
            Optional<@Size(max = Limits.CUSTOM_NAME) String> name,
            Optional<TestKind> test,
            Optional<@Size(max = Limits.TEXTS_OF_TEST) List<@NotNull @Size(max = Limits.TEXT) String>> texts,
            Optional<@Size(max = Limits.FIGURE_TEXT) String> from,
            Optional<@Size(max = Limits.FIGURE_TEXT) String> until) {

        WrittenCondition written() {
            return new WrittenCondition(
                    kind,
                    parts.orElse(List.of()).stream()
                            .map(ConditionDocument::written)
                            .toList(),
                    fact,
                    name.orElse(""),
                    test,
                    texts.orElse(List.of()),
                    from.orElse(""),
                    until.orElse(""));
        }
    }

    /**
     * @param value what it is done with; left out where the kind says all
     * @param instead whether it counts even where the record says otherwise
     */
    public record ActDocument(
            @NotNull RuleAct.Kind kind, Optional<@Size(max = Limits.TEXT) String> value, Optional<Boolean> instead) {

        RuleAct written() {
            return new RuleAct(kind, value.orElse(""), instead.orElse(false));
        }
    }

    WrittenRule written() {
        return new WrittenRule(
                name, when.written(), acts.stream().map(ActDocument::written).toList(), last, enabled, validFrom);
    }
}
