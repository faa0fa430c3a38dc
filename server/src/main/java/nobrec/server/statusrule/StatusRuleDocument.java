package nobrec.server.statusrule;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.telling.Moment;
import nobrec.server.rule.RuleDocument.ConditionDocument;

/**
 * A rule on an event, as people write it.
 *
 * @param condition which jobs it is for
 * @param status what the job's own status is from then on; empty text: as before
 * @param note a template of a note to colleagues; empty text: none
 * @param enabled whether it counts
 * @param triedOn number of a job on which it was tried as it is written; only then it can count
 */
record StatusRuleDocument(
        @NotBlank @Size(max = Limits.RULE_NAME) String name,
        @NotNull Moment moment,
        @NotNull @Valid ConditionDocument condition,
        @NotNull @Size(max = Limits.LAYOUT_NAME) String status,
        @NotNull @Size(max = Limits.NOTE_TEMPLATE) String note,
        boolean enabled,
        Optional<@Size(max = Limits.TEXT) String> triedOn) {}
