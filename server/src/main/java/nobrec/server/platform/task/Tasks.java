package nobrec.server.platform.task;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import nobrec.core.refusal.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tools.jackson.databind.json.JsonMapper;

/** Long work: begun, looked at, stopped. */
@Service
public class Tasks {

    /**
     * A task as it is shown.
     *
     * @param total zero where it is not known yet
     * @param problem why it failed
     */
    public record Standing(
            long id,
            String subject,
            TaskState state,
            String phase,
            long done,
            long total,
            String problem,
            String startedBy,
            boolean stopRequested) {}

    private final TaskMapper mapper;
    private final TaskWorker worker;
    private final JsonMapper json;
    private final Clock clock;

    Tasks(TaskMapper mapper, TaskWorker worker, JsonMapper json, Clock clock) {
        this.mapper = mapper;
        this.worker = worker;
        this.json = json;
        this.clock = clock;
    }

    /**
     * Begins a task once the transaction is kept that asks for it.
     *
     * @return its id
     */
    @Transactional
    public long start(NewTask task, String signIn) {
        mapper.insertLane(task.lane());
        long id = mapper.insert(task, json.writeValueAsString(task.request()), signIn, clock.instant());
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                worker.wake();
            }
        });
        return id;
    }

    public Optional<Standing> find(long id) {
        return mapper.byId(id).map(Tasks::standing);
    }

    /**
     * What a task of a kind has found so far, as it reported it.
     *
     * @return empty where it has reported nothing yet
     * @throws Refusal when there is no such task
     */
    public <T> Optional<T> found(long id, String kind, Class<T> type) {
        TaskRow row = mapper.byId(id)
                .filter(each -> each.kind().equals(kind))
                .orElseThrow(() -> Refusal.notFound("Task " + id, "It is long done. Begin it again."));
        return row.progress().isEmpty() ? Optional.empty() : Optional.of(json.readValue(row.progress(), type));
    }

    /** The newest of a lane, the newest first. */
    public List<Standing> newest(String lane, int limit) {
        return mapper.newest(lane, limit).stream().map(Tasks::standing).toList();
    }

    /** Has it stopped where it stands; what it has done stays. */
    @Transactional
    public Standing stop(long id) {
        mapper.requestStop(id);
        mapper.stopWaiting(id, clock.instant());
        return find(id).orElseThrow(() -> Refusal.notFound("Task " + id, "Reload the page."));
    }

    private static Standing standing(TaskRow row) {
        return new Standing(
                row.id(),
                row.subject(),
                row.state(),
                row.phase(),
                row.done(),
                row.total(),
                row.problem(),
                row.startedBy(),
                row.stopRequested());
    }
}
