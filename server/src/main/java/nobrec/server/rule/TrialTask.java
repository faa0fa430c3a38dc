package nobrec.server.rule;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.core.rule.HouseRule;
import nobrec.core.rule.RuleBook;
import nobrec.core.rule.RuleSentence;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.task.TaskHandler;
import nobrec.server.platform.task.TaskRun;
import nobrec.server.site.Sites;
import nobrec.server.workorder.PastOrders;
import org.springframework.stereotype.Component;

/** Tries a rule on the jobs that came in lately, before it counts. */
@Component
class TrialTask implements TaskHandler {

    static final String KIND = "RULE_TRIAL";

    /** So far back. */
    static final int DAYS = 90;

    /** @param id of the rule that this one would replace; zero for a new one, which comes last */
    record Request(long id, RuleDocument rule) {}

    /**
     * @param does what the rule would have done
     * @param before what the rules do as they are
     */
    record Touched(String number, String customer, LocalDate cameIn, String why, String does, String before) {}

    /** @param jobs the newest of those it touches */
    record Found(int looked, int touched, long before, List<Touched> jobs) {

        static final Found NOTHING = new Found(0, 0, Long.MAX_VALUE, List.of());
    }

    private static final int AT_ONCE = 200;
    private static final int SHOWN = 100;

    private final KeptRules kept;
    private final PastOrders orders;
    private final Sites sites;
    private final NobrecSettings settings;
    private final Clock clock;

    TrialTask(KeptRules kept, PastOrders orders, Sites sites, NobrecSettings settings, Clock clock) {
        this.kept = kept;
        this.orders = orders;
        this.sites = sites;
        this.settings = settings;
        this.clock = clock;
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public void run(TaskRun run) {
        Request request = run.request(Request.class);
        Trial trial = trial(request);
        Instant from = clock.instant().minus(Duration.ofDays(DAYS));
        int all = orders.countSince(from);
        Found found = run.progress(Found.class).orElse(Found.NOTHING);
        List<PastOrders.CameIn> portion = orders.since(from, found.before(), AT_ONCE);
        while (!portion.isEmpty()) {
            found = trial.on(portion, found);
            run.report("jobs", found.looked(), Math.max(all, found.looked()), found);
            portion = orders.since(from, found.before(), AT_ONCE);
        }
        run.report("jobs", found.looked(), found.looked(), found);
    }

    private Trial trial(Request request) {
        HouseRule written = kept.read(request.id(), request.rule());
        HouseRule tried = new HouseRule(
                request.id(), written.name(), written.when(), written.acts(), written.last(), true, Optional.empty());
        List<HouseRule> now = kept.readAll().counting();
        List<HouseRule> then = new ArrayList<>(now);
        then.replaceAll(each -> each.id() == tried.id() ? tried : each);
        if (request.id() == 0) {
            then.add(tried);
        }
        return new Trial(new RuleBook(now, settings.units()), new RuleBook(then, settings.units()), request.id());
    }

    private final class Trial {
        private final RuleBook now;
        private final RuleBook then;
        private final long id;

        Trial(RuleBook now, RuleBook then, long id) {
            this.now = now;
            this.then = then;
            this.id = id;
        }

        Found on(List<PastOrders.CameIn> portion, Found before) {
            List<Touched> jobs = new ArrayList<>(before.jobs());
            int touched = before.touched();
            for (PastOrders.CameIn each : portion) {
                Optional<Touched> found = on(each);
                touched += found.isPresent() ? 1 : 0;
                found.filter(job -> jobs.size() < SHOWN).ifPresent(jobs::add);
            }
            long last = portion.get(portion.size() - 1).recorded().id();
            return new Found(before.looked() + portion.size(), touched, last, jobs);
        }

        private Optional<Touched> on(PastOrders.CameIn each) {
            WorkOrder job = each.recorded();
            LocalDate day = sites.dayOf(each.at());
            return then.of(job, day).acted().stream()
                    .filter(acted -> acted.ruleId() == id)
                    .findFirst()
                    .map(acted -> new Touched(
                            job.number(),
                            job.customer(),
                            day,
                            acted.why(),
                            RuleSentence.acts(acted.acts()),
                            RuleSentence.acts(acts(now.of(job, day)))));
        }

        private static List<RuleAct> acts(Ruling ruling) {
            return ruling.acted().stream()
                    .flatMap(acted -> acted.acts().stream())
                    .toList();
        }
    }
}
