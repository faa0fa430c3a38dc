package nobrec.server.run;

import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.task.NewTask;
import nobrec.server.platform.task.Tasks;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Runs: made, started, paused, gone on with. */
@Service
class Runs {

    private final RunMapper mapper;
    private final RunEdits edits;
    private final WorkOrders workOrders;
    private final Tasks tasks;
    private final AuditLog auditLog;
    private final Clock clock;

    Runs(RunMapper mapper, RunEdits edits, WorkOrders workOrders, Tasks tasks, AuditLog auditLog, Clock clock) {
        this.mapper = mapper;
        this.edits = edits;
        this.workOrders = workOrders;
        this.tasks = tasks;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    /** Makes a run of some jobs and begins to look what would happen to each. */
    @Transactional
    long make(List<String> jobs, String signIn) {
        NewRun run = new NewRun(signIn, clock.instant());
        mapper.insert(run);
        List<RunJobRow> rows = new ArrayList<>();
        for (String job : new LinkedHashSet<>(jobs)) {
            rows.add(RunJobRow.fresh(
                    run.getId(), rows.size() + 1, workOrders.byNumber(job).number()));
        }
        mapper.insertJobs(rows);
        begin(run.getId(), RunPlanTask.KIND, signIn);
        auditLog.write(signIn, "made a run", thing(run.getId()), rows.size() + " jobs");
        return run.getId();
    }

    private void begin(long run, String kind, String signIn) {
        mapper.task(
                run, tasks.start(new NewTask(kind, "run-" + run, thing(run), new RunPlanTask.Request(run)), signIn));
    }

    static String thing(long run) {
        return "Run " + run;
    }

    RunRow byId(long id) {
        return mapper.byId(id).orElseThrow(() -> unknown(id));
    }

    private static Refusal unknown(long id) {
        return Refusal.notFound(thing(id), "Choose jobs on Jobs, and make one.");
    }

    /** What its task does now; empty when it has ended. */
    Optional<Tasks.Standing> underWay(RunRow run) {
        return Optional.ofNullable(run.taskId())
                .flatMap(tasks::find)
                .filter(task -> !task.state().isEnded());
    }

    /** Ships those that are ready, or goes on with it. */
    @Transactional
    void start(long id, String signIn) {
        RunRow run = idle(id);
        if (count(id, RunJobState.READY::equals) == 0) {
            throw Refusal.conflict(thing(id), "No job of it is ready.", "Correct what stops them, in their rows.");
        }
        mapper.started(id, signIn, clock.instant());
        begin(run.id(), RunShipTask.KIND, signIn);
        auditLog.write(signIn, "started a run", thing(id), count(id, RunJobState.READY::equals) + " jobs");
    }

    private RunRow idle(long id) {
        RunRow run = mapper.byIdLocked(id).orElseThrow(() -> unknown(id));
        if (underWay(run).isPresent()) {
            throw Refusal.conflict(thing(id), "It is under way.", "Wait, or pause it.");
        }
        return run;
    }

    int count(long id, Predicate<RunJobState> states) {
        return mapper.counts(id).stream()
                .filter(each -> states.test(each.state()))
                .mapToInt(StateCount::jobs)
                .sum();
    }

    /** Stops after the job that is being shipped; what has gone has gone. */
    @Transactional
    void pause(long id, String signIn) {
        underWay(byId(id)).ifPresent(task -> {
            tasks.stop(task.id());
            auditLog.write(signIn, "paused a run", thing(id), task.done() + " of " + task.total());
        });
    }

    /** Not while it is being shipped. */
    void change(long id, List<String> jobs, RunChange change, String signIn) {
        requireIdle(id);
        edits.change(id, jobs, change, signIn);
    }

    void lookAgain(long id, List<String> jobs, String signIn) {
        requireIdle(id);
        edits.lookAgain(id, jobs, signIn);
    }

    private void requireIdle(long id) {
        if (underWay(byId(id)).isPresent()) {
            throw Refusal.conflict(thing(id), "It is under way.", "Wait, or pause it.");
        }
    }

    /** Those that have not gone are taken out; their jobs stay as they are. */
    @Transactional
    void remove(long id, List<String> jobs, String signIn) {
        idle(id);
        int removed = mapper.remove(id, jobs);
        auditLog.write(signIn, "took jobs out of a run", thing(id), removed + " jobs");
    }
}
