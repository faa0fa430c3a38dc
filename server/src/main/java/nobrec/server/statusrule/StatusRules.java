package nobrec.server.statusrule;

import java.time.Clock;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.refusal.Refusal;
import nobrec.core.rule.Condition;
import nobrec.core.telling.FactScope;
import nobrec.core.telling.Moment;
import nobrec.core.telling.Template;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.kept.KeptDocument;
import nobrec.server.platform.kept.KeptDocuments;
import nobrec.server.rule.RuleConditions;
import nobrec.server.telling.JobStatuses;
import nobrec.server.workorder.WorkOrders;
import nobrec.server.workorder.list.JobStatusTexts;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** Rules on events, as they are kept; and the status they gave each job. */
@Service
public class StatusRules implements JobStatuses, JobStatusTexts {

    private static final Logger LOG = LoggerFactory.getLogger(StatusRules.class);

    /** @param ever whether rules were kept at any time, so that jobs may have a status */
    private record Counting(boolean ever, List<CountingRule> rules) {}

    /** One that counts, read. */
    record CountingRule(StatusRuleDocument document, Condition condition, Template note) {}

    private final StatusRuleMapper mapper;
    private final KeptDocument<List<StatusRuleDocument>> kept;
    private final RuleConditions conditions;
    private final WorkOrders workOrders;
    private final Remembered<Counting> counting;
    private final AuditLog auditLog;
    private final Clock clock;

    StatusRules(
            StatusRuleMapper mapper,
            KeptDocuments documents,
            RuleConditions conditions,
            WorkOrders workOrders,
            SetUpVersion setUpVersion,
            AuditLog auditLog,
            Clock clock) {
        this.mapper = mapper;
        this.kept = documents.of("STATUS_RULES", "The rules on events", new TypeReference<>() {}, List.of());
        this.conditions = conditions;
        this.workOrders = workOrders;
        this.counting = new Remembered<>(setUpVersion, this::readCounting);
        this.auditLog = auditLog;
        this.clock = clock;
    }

    KeptDocument.Kept<List<StatusRuleDocument>> kept() {
        return kept.kept();
    }

    /** Those that count at a moment, in their order. */
    List<CountingRule> at(Moment moment) {
        return counting.get().rules().stream()
                .filter(rule -> rule.document().moment() == moment)
                .toList();
    }

    /** One that cannot be read any more counts no longer; it holds up no other. */
    private Counting readCounting() {
        KeptDocument.Kept<List<StatusRuleDocument>> now = kept();
        List<CountingRule> rules = now.document().stream()
                .filter(StatusRuleDocument::enabled)
                .flatMap(each -> {
                    try {
                        return Optional.of(read(each)).stream();
                    } catch (Refusal refusal) {
                        LOG.warn("Rule “{}” does not count: {}", each.name(), refusal.reason());
                        return Optional.<CountingRule>empty().stream();
                    }
                })
                .toList();
        return new Counting(now.version() > 0, rules);
    }

    /** @throws Refusal that names what of it cannot be read */
    CountingRule read(StatusRuleDocument document) {
        if (document.status().isBlank() && document.note().isBlank()) {
            throw Refusal.unusable("Rule “" + document.name() + "”", "It does nothing.", "Give it a status or a note.");
        }
        return new CountingRule(
                document,
                conditions.read(document.condition()),
                Template.read("Note of rule “" + document.name() + "”", document.note(), FactScope.SHIPMENT));
    }

    /**
     * All rules at once.
     *
     * @param version that was looked at
     */
    @Transactional
    public void change(int version, List<StatusRuleDocument> rules, String signIn) {
        Set<String> names = new HashSet<>();
        for (StatusRuleDocument rule : rules) {
            read(rule);
            if (!names.add(rule.name())) {
                throw Refusal.conflict("Rule “" + rule.name() + "”", "There are two of that name.", "Rename one.");
            }
            if (rule.enabled()) {
                requireTried(rule);
            }
        }
        kept.change(version, rules, signIn);
        auditLog.write(
                signIn,
                "changed the rules on events",
                "Rules on events",
                rules.stream().filter(StatusRuleDocument::enabled).count() + " of " + rules.size() + " count");
    }

    private void requireTried(StatusRuleDocument rule) {
        String job = rule.triedOn()
                .orElseThrow(() -> Refusal.unusable(
                        "Rule “" + rule.name() + "”",
                        "It was not tried as it is written now.",
                        "Try it on a job first, or keep it without letting it count."));
        workOrders.byNumber(job);
    }

    @Override
    public String of(long workOrderId) {
        return !counting.get().ever() ? "" : mapper.status(workOrderId).orElse("");
    }

    @Override
    public Map<Long, String> of(Collection<Long> workOrderIds) {
        return workOrderIds.isEmpty() || !counting.get().ever()
                ? Map.of()
                : mapper.statuses(workOrderIds).stream()
                        .collect(Collectors.toMap(JobStatusRow::workOrderId, JobStatusRow::status));
    }

    void setStatus(long workOrderId, String status, String rule) {
        mapper.setStatus(workOrderId, status, rule, clock.instant());
    }
}
