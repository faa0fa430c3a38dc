package nobrec.server.mail;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.limit.Limits;
import nobrec.core.telling.Moment;
import nobrec.server.document.PaperKind;
import nobrec.server.rule.RuleDocument.ConditionDocument;

/**
 * When a mail is written, about which jobs, to whom, and what it says; as people write it.
 *
 * @param toJob whether it goes to the address on the job
 * @param toField name of a field of the shop's own that holds an address, such as that of sales; empty text for none
 * @param toFixed addresses with commas between them; empty text for none
 * @param colleagues whether it is a note to colleagues: nobody of them can ask for no more
 * @param subject a template
 * @param body a template; paragraphs with an empty line between them, lines of a list begin with {@code - }, **what is bold**
 * @param papers of the shipment that are attached
 * @param files of the shop's that are attached, by their numbers
 * @param enabled whether it counts
 * @param triedOn number of a job on which it was tried as it is written; only then it can count
 */
public record MailRuleDocument(
        @NotBlank @Size(max = Limits.RULE_NAME) String name,
        @NotNull Moment moment,
        @NotNull @Valid ConditionDocument condition,
        boolean toJob,
        @NotNull @Size(max = Limits.CUSTOM_NAME) String toField,
        @NotNull @Size(max = Limits.CELL) String toFixed,
        boolean colleagues,
        @NotBlank @Size(max = Limits.CELL) String subject,
        @NotBlank @Size(max = 8_000) String body,
        @NotNull @Size(max = 10) Set<@NotNull PaperKind> papers,
        @NotNull @Size(max = 10) List<@NotNull Long> files,
        boolean enabled,
        Optional<@Size(max = Limits.TEXT) String> triedOn) {}
