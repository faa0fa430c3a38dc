package nobrec.core.rule;

import java.time.LocalDate;
import nobrec.core.measure.UnitSystem;
import nobrec.core.workorder.WorkOrder;

/**
 * Whether a condition holds for a work order.
 *
 * @param why in words; empty text where it does not hold, or holds for every job
 */
public record ConditionOutcome(boolean holds, String why) {

    /**
     * @param recorded as its record says it, without what rules made of it
     * @param units in which the reason names weights
     */
    public static ConditionOutcome of(Condition condition, WorkOrder recorded, LocalDate today, UnitSystem units) {
        JobFacts facts = new JobFacts(recorded, today);
        boolean holds = condition.holds(facts);
        return new ConditionOutcome(holds, holds ? new RuleReasons(facts, units).of(condition) : "");
    }
}
