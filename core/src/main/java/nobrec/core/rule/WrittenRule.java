package nobrec.core.rule;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.workorder.RuleAct;

/** A house rule as people write it, not yet read. */
public record WrittenRule(
        String name,
        WrittenCondition when,
        List<RuleAct> acts,
        boolean last,
        boolean enabled,
        Optional<LocalDate> validFrom) {

    /**
     * @param parts of a group
     * @param fact of a test
     * @param name of the custom field that is asked for; empty text else
     * @param test what the fact is put to
     * @param texts that a test compares with
     * @param from a figure with its unit; empty text where there is no such bound
     * @param until the same
     */
    public record WrittenCondition(
            Kind kind,
            List<WrittenCondition> parts,
            Optional<Fact> fact,
            String name,
            Optional<TestKind> test,
            List<String> texts,
            String from,
            String until) {}

    /** A group of conditions, or a test of one fact. */
    public enum Kind {
        ALL,
        ANY,
        NONE,
        FACT
    }

    public enum TestKind {
        ONE_OF,
        CONTAINS,
        STARTS_WITH,
        BETWEEN,
        KNOWN
    }
}
