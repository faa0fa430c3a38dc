package nobrec.server.rule;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.rule.Fact;
import nobrec.core.rule.RuleSentence;
import nobrec.core.workorder.RuleAct;
import nobrec.server.account.Accounts;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForRuleKeepers;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.task.NewTask;
import nobrec.server.platform.task.Tasks;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** House rules: "when this is so, do that". */
@RestController
@Tag(name = "house rules")
class HouseRuleController {

    /**
     * @param version to be sent with each change, so that two people do not undo each other's
     * @param facts what a condition can ask for
     * @param acts what a rule can do
     * @param task that brings the rules to the jobs; left out where none did lately
     */
    record RuleList(int version, List<RuleView> rows, List<FactView> facts, List<ActView> acts, Optional<Long> task) {}

    /**
     * @param sentence the rule read back; empty text where it does not count
     * @param problem why it does not count; empty text where it does
     */
    record RuleView(long id, RuleDocument rule, String sentence, String problem, String changedBy, Instant changedAt) {}

    /** @param choices what it can be; empty where it can be anything */
    record FactView(Fact fact, String label, Fact.Form form, boolean ofLine, boolean custom, List<String> choices) {}

    /**
     * @param overrules whether it can count even where the record says otherwise
     * @param choices what it is done with; empty where that is free text or nothing
     */
    record ActView(RuleAct.Kind kind, String label, boolean overrules, boolean needsValue, List<String> choices) {}

    /** @param version of the rules that were looked at */
    record RuleChange(int version, @NotNull @Valid RuleDocument rule) {}

    /** @param ids of all rules in their new order */
    record RuleOrder(
            int version,
            @NotNull @Size(max = Limits.HOUSE_RULES) List<@NotNull Long> ids) {}

    record Sentence(String sentence) {}

    /** @param id of the rule that it would replace; left out for a new one */
    record Trial(Optional<Long> id, @NotNull @Valid RuleDocument rule) {}

    record TrialBegun(long task) {}

    /**
     * @param days how far back was looked
     * @param looked jobs looked at so far
     * @param touched jobs on which the rule would have acted
     * @param jobs the newest of them
     */
    record TrialView(int days, int looked, int touched, List<TouchedJob> jobs) {}

    /** @param before what the rules do to it as they are; empty text for nothing */
    record TouchedJob(String number, String customer, LocalDate cameIn, String why, String does, String before) {}

    private final HouseRules rules;
    private final RuleChoices choices;
    private final Tasks tasks;
    private final Accounts accounts;
    private final NobrecSettings settings;

    HouseRuleController(
            HouseRules rules, RuleChoices choices, Tasks tasks, Accounts accounts, NobrecSettings settings) {
        this.rules = rules;
        this.choices = choices;
        this.tasks = tasks;
        this.accounts = accounts;
        this.settings = settings;
    }

    @GetMapping("/api/v1/house-rules")
    @ForAllButPackers
    RuleList all() {
        KeptRules.RuleSet set = rules.all();
        return new RuleList(
                set.version(),
                set.rules().stream().map(this::view).toList(),
                Arrays.stream(Fact.values()).map(this::view).toList(),
                Arrays.stream(RuleAct.Kind.values()).map(this::view).toList(),
                tasks.newest(HouseRules.LANE, 1).stream()
                        .map(Tasks.Standing::id)
                        .findFirst());
    }

    @PostMapping("/api/v1/house-rules")
    @ForRuleKeepers
    RuleList add(@Valid @RequestBody RuleChange change, Principal who) {
        rules.add(change.version(), change.rule(), who.getName());
        return all();
    }

    @PutMapping("/api/v1/house-rules/{id}")
    @ForRuleKeepers
    RuleList change(@PathVariable long id, @Valid @RequestBody RuleChange change, Principal who) {
        rules.change(change.version(), id, change.rule(), who.getName());
        return all();
    }

    @DeleteMapping("/api/v1/house-rules/{id}")
    @ForRuleKeepers
    RuleList remove(@PathVariable long id, @RequestParam int version, Principal who) {
        rules.remove(version, id, who.getName());
        return all();
    }

    @PutMapping("/api/v1/house-rules/order")
    @ForRuleKeepers
    RuleList order(@Valid @RequestBody RuleOrder order, Principal who) {
        rules.order(order.version(), order.ids(), who.getName());
        return all();
    }

    /** Reads a rule back in plain words; refused where it could not count. */
    @PostMapping("/api/v1/house-rules/sentence")
    @ForRuleKeepers
    Sentence sentence(@Valid @RequestBody RuleDocument rule) {
        return new Sentence(rules.sentence(rule));
    }

    /** Tries a rule on the jobs of the last 90 days; nothing of them is changed. */
    @PostMapping("/api/v1/house-rules/trials")
    @ForRuleKeepers
    TrialBegun tryOut(@Valid @RequestBody Trial trial, Principal who) {
        rules.sentence(trial.rule());
        TrialTask.Request request = new TrialTask.Request(trial.id().orElse(0L), trial.rule());
        String subject = "House rule “" + trial.rule().name() + "” on past jobs";
        return new TrialBegun(tasks.start(new NewTask(TrialTask.KIND, "rule-trial", subject, request), who.getName()));
    }

    @GetMapping("/api/v1/house-rules/trials/{task}")
    @ForRuleKeepers
    TrialView found(@PathVariable long task) {
        TrialTask.Found found =
                tasks.found(task, TrialTask.KIND, TrialTask.Found.class).orElse(TrialTask.Found.NOTHING);
        return new TrialView(
                TrialTask.DAYS,
                found.looked(),
                found.touched(),
                found.jobs().stream()
                        .map(job -> new TouchedJob(
                                job.number(), job.customer(), job.cameIn(), job.why(), job.does(), job.before()))
                        .toList());
    }

    private RuleView view(KeptRules.KeptRule kept) {
        return new RuleView(
                kept.id(),
                kept.document(),
                kept.read().map(new RuleSentence(settings.units())::of).orElse(""),
                kept.problem(),
                accounts.displayName(kept.changedBy()),
                kept.changedAt());
    }

    private FactView view(Fact fact) {
        return new FactView(
                fact, fact.label(), fact.form(), fact.of() == Fact.Of.LINE, fact.isCustom(), choices.of(fact));
    }

    private ActView view(RuleAct.Kind kind) {
        return new ActView(
                kind,
                kind.words(),
                kind.isOfRecord() && kind != RuleAct.Kind.TERMS,
                kind.needsValue(),
                choices.of(kind));
    }
}
