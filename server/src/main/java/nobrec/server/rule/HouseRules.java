package nobrec.server.rule;

import java.time.Clock;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.core.rule.RuleBook;
import nobrec.core.rule.RuleSentence;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.task.NewTask;
import nobrec.server.platform.task.Tasks;
import nobrec.server.site.Sites;
import nobrec.server.workorder.Rulings;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Changes of the house rules; each is brought to the jobs that have not left. */
@Service
public class HouseRules {

    static final String LANE = "house-rules";

    private final HouseRuleMapper mapper;
    private final KeptRules kept;
    private final Rulings rulings;
    private final Tasks tasks;
    private final Sites sites;
    private final SetUpVersion setUpVersion;
    private final AuditLog auditLog;
    private final NobrecSettings settings;
    private final JsonMapper json;
    private final Clock clock;

    HouseRules(
            HouseRuleMapper mapper,
            KeptRules kept,
            Rulings rulings,
            Tasks tasks,
            Sites sites,
            SetUpVersion setUpVersion,
            AuditLog auditLog,
            NobrecSettings settings,
            JsonMapper json,
            Clock clock) {
        this.mapper = mapper;
        this.kept = kept;
        this.rulings = rulings;
        this.tasks = tasks;
        this.sites = sites;
        this.setUpVersion = setUpVersion;
        this.auditLog = auditLog;
        this.settings = settings;
        this.json = json;
        this.clock = clock;
    }

    KeptRules.RuleSet all() {
        return kept.readAll();
    }

    /** A rule read back in plain words. */
    String sentence(RuleDocument document) {
        return new RuleSentence(settings.units()).of(kept.read(0, document));
    }

    /** Adds a rule, whatever others there are. */
    @Transactional
    public void add(RuleDocument document, String signIn) {
        add(mapper.lockedSet().version(), document, signIn);
    }

    /** @param version of the rules that were looked at */
    @Transactional
    public void add(int version, RuleDocument document, String signIn) {
        begin(version, signIn);
        if (mapper.all().size() >= Limits.HOUSE_RULES) {
            throw Refusal.unusable("The rule", "There are " + Limits.HOUSE_RULES + " already.", "Remove one.");
        }
        String sentence = sentence(document);
        mapper.insert(json.writeValueAsString(document), signIn, clock.instant());
        changed("added a house rule", document.name(), sentence, signIn);
    }

    @Transactional
    public void change(int version, long id, RuleDocument document, String signIn) {
        begin(version, signIn);
        String sentence = sentence(document);
        if (mapper.update(id, json.writeValueAsString(document), signIn, clock.instant()) == 0) {
            throw gone();
        }
        changed("changed a house rule", document.name(), sentence, signIn);
    }

    @Transactional
    public void remove(int version, long id, String signIn) {
        begin(version, signIn);
        String name = kept.readAll().rules().stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow(HouseRules::gone)
                .document()
                .name();
        mapper.delete(id);
        changed("removed a house rule", name, "", signIn);
    }

    /** @param ids of all rules, in the order in which they are to be looked at */
    @Transactional
    public void order(int version, List<Long> ids, String signIn) {
        begin(version, signIn);
        List<Long> here = mapper.all().stream().map(HouseRuleRow::id).toList();
        if (here.size() != ids.size() || !new HashSet<>(here).equals(new HashSet<>(ids))) {
            throw Refusal.unusable("The order", "It does not name each rule once.", "Reload the page.");
        }
        for (int place = 0; place < ids.size(); place++) {
            mapper.place(ids.get(place), place + 1);
        }
        changed("ordered the house rules", "House rules", ids.toString(), signIn);
    }

    private static Refusal gone() {
        return Refusal.notFound("The rule", "Reload the page.");
    }

    private void begin(int version, String signIn) {
        if (mapper.lockedSet().version() != version) {
            throw Refusal.changedSince(
                    "The house rules", "Somebody has changed them since you opened them.", "Reload the page.");
        }
    }

    private void changed(String act, String name, String detail, String signIn) {
        mapper.newVersion(sites.today());
        setUpVersion.changed();
        auditLog.write(signIn, act, "House rule " + name, detail);
        bringToJobs(signIn);
    }

    private void bringToJobs(String signIn) {
        tasks.start(
                new NewTask(RuleTask.KIND, LANE, "House rules brought to the jobs", new RuleTask.Request()), signIn);
    }

    /** Another day may make rules count, or say something else; and what came in under the rules of before is caught up with. */
    @Transactional
    public void lookAtDay() {
        RuleSetRow set = mapper.set();
        LocalDate today = sites.today();
        if (!set.countedOn().equals(today)) {
            boolean another =
                    new RuleBook(kept.readAll().counting(), settings.units()).changesBetween(set.countedOn(), today);
            if (mapper.countOn(today, set.countedOn(), another) == 1 && another) {
                setUpVersion.changed();
            }
        }
        boolean atWork =
                tasks.newest(LANE, 1).stream().anyMatch(each -> !each.state().isEnded());
        if (!atWork && rulings.countOutdated() > 0) {
            bringToJobs(AuditLog.BY_ITSELF);
        }
    }
}
