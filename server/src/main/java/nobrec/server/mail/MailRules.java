package nobrec.server.mail;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.mail.MailAddress;
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
import nobrec.server.workorder.WorkOrders;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;

/** When which mails are written, as it is kept. */
@Service
public class MailRules {

    private static final Logger LOG = LoggerFactory.getLogger(MailRules.class);

    /** One that counts, read. */
    record CountingRule(
            MailRuleDocument document, Condition condition, Template subject, Template body, List<MailAddress> fixed) {}

    private final KeptDocument<List<MailRuleDocument>> kept;
    private final MailSettings settings;
    private final RuleConditions conditions;
    private final WorkOrders workOrders;
    private final Remembered<List<CountingRule>> counting;
    private final AuditLog auditLog;

    MailRules(
            KeptDocuments documents,
            MailSettings settings,
            RuleConditions conditions,
            WorkOrders workOrders,
            SetUpVersion setUpVersion,
            AuditLog auditLog) {
        this.kept = documents.of("EMAILS", "The emails", new TypeReference<>() {}, List.of());
        this.settings = settings;
        this.conditions = conditions;
        this.workOrders = workOrders;
        this.counting = new Remembered<>(setUpVersion, this::readCounting);
        this.auditLog = auditLog;
    }

    KeptDocument.Kept<List<MailRuleDocument>> kept() {
        return kept.kept();
    }

    private List<MailRuleDocument> all() {
        return kept().document();
    }

    /** Those that count at a moment, in their order. */
    List<CountingRule> at(Moment moment) {
        return counting.get().stream()
                .filter(rule -> rule.document().moment() == moment)
                .toList();
    }

    /** @throws Refusal where there is none of that name, or it cannot be read */
    CountingRule named(String name) {
        return read(all().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Email “" + name + "”", "Reload the page.")));
    }

    /** How many mails are written at a moment. */
    public int countAt(Moment moment) {
        return at(moment).size();
    }

    /** One that cannot be read any more counts no longer; it holds up no other. */
    private List<CountingRule> readCounting() {
        return all().stream()
                .filter(MailRuleDocument::enabled)
                .flatMap(each -> {
                    try {
                        return Optional.of(read(each)).stream();
                    } catch (Refusal refusal) {
                        LOG.warn("Email “{}” is not written: {}", each.name(), refusal.reason());
                        return Optional.<CountingRule>empty().stream();
                    }
                })
                .toList();
    }

    /** @throws Refusal that names what of it cannot be read */
    CountingRule read(MailRuleDocument document) {
        String thing = "Email “" + document.name() + "”";
        if (!document.moment().isMailed()) {
            throw Refusal.unusable(
                    thing,
                    "Mail is written about shipments, quotes and returns.",
                    "Choose a moment of these, or use a rule on events.");
        }
        List<MailAddress> fixed = MailAddress.readAll(document.toFixed());
        if (!document.toFixed().isBlank() && fixed.isEmpty()) {
            throw Refusal.unusable(
                    thing, "“" + document.toFixed() + "” is no mail address.", "Write it like name@shop.example.");
        }
        if (!document.toJob() && document.toField().isBlank() && fixed.isEmpty()) {
            throw Refusal.unusable(thing, "It goes to nobody.", "Say whom it goes to.");
        }
        return new CountingRule(
                document,
                conditions.read(document.condition()),
                Template.read("Subject of email “" + document.name() + "”", document.subject(), FactScope.SHIPMENT),
                Template.read("Email “" + document.name() + "”", document.body(), FactScope.SHIPMENT),
                fixed);
    }

    /**
     * All of them at once.
     *
     * @param version that was looked at
     */
    @Transactional
    public void change(int version, List<MailRuleDocument> rules, String signIn) {
        Set<String> names = new HashSet<>();
        for (MailRuleDocument rule : rules) {
            read(rule);
            if (!names.add(rule.name())) {
                throw Refusal.conflict("Email “" + rule.name() + "”", "There are two of that name.", "Rename one.");
            }
            if (rule.enabled()) {
                requireUsable(rule);
            }
        }
        kept.change(version, rules, signIn);
        auditLog.write(
                signIn,
                "changed the emails",
                "Emails",
                rules.stream().filter(MailRuleDocument::enabled).count() + " of " + rules.size() + " are sent");
    }

    private void requireUsable(MailRuleDocument rule) {
        settings.requireSender();
        String job = rule.triedOn()
                .orElseThrow(() -> Refusal.unusable(
                        "Email “" + rule.name() + "”",
                        "It was not tried as it is written now.",
                        "Look at it on a job first, or keep it without sending it."));
        workOrders.byNumber(job);
        settings.requireFiles(rule.files());
    }
}
