package nobrec.server.rule;

import nobrec.core.refusal.Refusal;
import nobrec.core.rule.Condition;
import org.springframework.stereotype.Component;

/** Conditions on jobs, read as house rules read theirs. */
@Component
public class RuleConditions {

    private final KeptRules kept;

    RuleConditions(KeptRules kept) {
        this.kept = kept;
    }

    /** @throws Refusal that names what of it cannot be read */
    public Condition read(RuleDocument.ConditionDocument document) {
        return kept.reader().condition(document.written());
    }
}
