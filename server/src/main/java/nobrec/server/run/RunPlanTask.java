package nobrec.server.run;

import java.util.List;
import nobrec.server.platform.task.TaskHandler;
import nobrec.server.platform.task.TaskRun;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** Looks what would happen to each job of a run that nobody has looked at. */
@Component
class RunPlanTask implements TaskHandler {

    static final String KIND = "RUN_PLAN";

    /** Which run. */
    record Request(long run) {}

    private final RunMapper mapper;
    private final RunLooks looks;
    private final TransactionOperations transactions;

    RunPlanTask(RunMapper mapper, RunLooks looks, TransactionOperations transactions) {
        this.mapper = mapper;
        this.looks = looks;
        this.transactions = transactions;
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public void run(TaskRun run) {
        long id = run.request(Request.class).run();
        long all = mapper.jobs(id).size();
        List<RunJobRow> next = mapper.first(id, RunJobState.NEW, 1);
        long done = all - count(id);
        while (!next.isEmpty()) {
            RunJobRow looked = looks.look(next.get(0), run.startedBy());
            done++;
            long now = done;
            transactions.executeWithoutResult(status -> {
                mapper.keep(looked);
                run.report("jobs looked at", now, all);
            });
            next = mapper.first(id, RunJobState.NEW, 1);
        }
    }

    private long count(long id) {
        return mapper.counts(id).stream()
                .filter(each -> each.state() == RunJobState.NEW)
                .mapToInt(StateCount::jobs)
                .sum();
    }
}
