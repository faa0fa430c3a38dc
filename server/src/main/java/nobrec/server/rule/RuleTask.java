package nobrec.server.rule;

import java.time.Duration;
import java.util.List;
import nobrec.server.platform.BackgroundWork.Sweep;
import nobrec.server.platform.task.TaskHandler;
import nobrec.server.platform.task.TaskRun;
import nobrec.server.workorder.Rulings;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;

/**
 * Brings the rules that count to every job that has not left, some at a time: cut off, it goes on with those that are left. Jobs
 * that somebody works on meanwhile are caught up with by the next one.
 */
@Component
class RuleTask implements TaskHandler {

    static final String KIND = "HOUSE_RULES";

    record Request() {}

    private static final int AT_ONCE = 200;

    private final Rulings rulings;

    RuleTask(Rulings rulings) {
        this.rulings = rulings;
    }

    @Configuration
    static class Timer {
        private static final Duration PAUSE = Duration.ofSeconds(20);

        @Bean
        Sweep sweepOfHouseRules(HouseRules rules) {
            return new Sweep("house rules", PAUSE, rules::lookAtDay);
        }
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public void run(TaskRun run) {
        int all = rulings.countOutdated();
        int done = 0;
        long after = 0;
        List<Long> portion = rulings.outdated(after, AT_ONCE);
        while (!portion.isEmpty()) {
            rulings.bringUpToDate(portion);
            done += portion.size();
            after = portion.get(portion.size() - 1);
            run.report("jobs", done, Math.max(all, done));
            portion = rulings.outdated(after, AT_ONCE);
        }
    }
}
