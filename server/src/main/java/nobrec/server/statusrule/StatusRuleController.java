package nobrec.server.statusrule;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.Arrays;
import java.util.List;
import nobrec.core.limit.Limits;
import nobrec.core.telling.FactScope;
import nobrec.core.telling.Moment;
import nobrec.core.telling.TellingFact;
import nobrec.server.api.list.Choice;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForRuleKeepers;
import nobrec.server.platform.kept.KeptDocument;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Rules on events: what a job gets when something becomes of it. */
@RestController
@RequestMapping("/api/v1/status-rules")
@Tag(name = "status rules")
class StatusRuleController {

    record FactView(String word, String about) {}

    /** @param version to be sent with each change, so that two people do not undo each other's */
    record StatusRuleList(int version, List<StatusRuleDocument> rules, List<Choice> moments, List<FactView> facts) {}

    record StatusRuleChange(
            @Min(0) int version,
            @NotNull @Size(max = Limits.STATUS_RULES) List<@NotNull @Valid StatusRuleDocument> rules) {}

    record TrialOf(
            @NotBlank @Size(max = Limits.TEXT) String job,
            @NotNull @Valid StatusRuleDocument rule) {}

    /**
     * @param why in words; empty text where it would do nothing, or acts on every job
     * @param before the job's status now; empty text for none
     * @param status what it would be
     * @param note that would be written; empty text for none
     */
    record TriedView(boolean holds, String why, String before, String status, String note) {}

    private final StatusRules rules;
    private final StatusRuleActs acts;

    StatusRuleController(StatusRules rules, StatusRuleActs acts) {
        this.rules = rules;
        this.acts = acts;
    }

    @GetMapping
    @ForAllButPackers
    StatusRuleList all() {
        KeptDocument.Kept<List<StatusRuleDocument>> kept = rules.kept();
        return new StatusRuleList(
                kept.version(),
                kept.document(),
                Arrays.stream(Moment.values())
                        .map(each -> new Choice(each.name(), each.words()))
                        .toList(),
                Arrays.stream(TellingFact.values())
                        .filter(each -> each.scope() == FactScope.SHIPMENT)
                        .map(each -> new FactView(each.word(), each.about()))
                        .toList());
    }

    @PutMapping
    @ForRuleKeepers
    StatusRuleList change(@RequestBody @Valid StatusRuleChange change, Principal who) {
        rules.change(change.version(), change.rules(), who.getName());
        return all();
    }

    /** What a rule would do to a job; nothing is done. */
    @PostMapping("/trials")
    @ForRuleKeepers
    TriedView tryOn(@RequestBody @Valid TrialOf of) {
        StatusRuleActs.Tried tried = acts.tryOn(of.rule(), of.job().strip());
        return new TriedView(tried.holds(), tried.why(), tried.before(), tried.status(), tried.note());
    }
}
