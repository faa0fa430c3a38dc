package nobrec.server.platform.task;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;
import nobrec.core.refusal.Refusal;
import nobrec.server.platform.BackgroundWork.Sweep;
import nobrec.server.platform.Shortened;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.json.JsonMapper;

/**
 * Takes tasks that are due and has them carried out, one at a time of each lane. Several servers share them; one that is killed
 * loses its lease after some seconds, and another goes on from where the task stands.
 */
@Component
class TaskWorker {

    private static final Logger LOG = LoggerFactory.getLogger(TaskWorker.class);
    private static final int LANES_AT_ONCE = 4;
    private static final int PATIENCE_SECONDS = 8;
    private static final Duration LEASE = Duration.ofSeconds(10);

    /** A lease never lies further away; one that does was written while the clock was ahead. */
    private static final Duration SLACK = Duration.ofMinutes(1);

    private static final int LONGEST_PROBLEM = 600;
    private static final int TRIES = 5;
    private static final Duration REMEMBERED = Duration.ofDays(30);

    private final TaskMapper mapper;
    private final ObjectProvider<TaskHandler> handlers;
    private final TransactionOperations transactions;
    private final JsonMapper json;
    private final Clock clock;
    private final Set<String> busy = ConcurrentHashMap.newKeySet();
    private final Map<Long, String> held = new ConcurrentHashMap<>();
    private final ExecutorService threads =
            Executors.newFixedThreadPool(LANES_AT_ONCE, work -> new Thread(work, "task"));
    private volatile boolean ending;

    TaskWorker(
            TaskMapper mapper,
            ObjectProvider<TaskHandler> handlers,
            TransactionOperations transactions,
            JsonMapper json,
            Clock clock) {
        this.mapper = mapper;
        this.handlers = handlers;
        this.transactions = transactions;
        this.json = json;
        this.clock = clock;
    }

    /** Looks again and again what is due, and keeps the leases of what is under way. */
    @Configuration
    static class Sweeping {
        private static final Duration PAUSE = Duration.ofSeconds(1);
        private static final Duration BEAT = Duration.ofSeconds(2);
        private static final Duration TIDYING = Duration.ofHours(1);

        @Bean
        Sweep sweepOfTasks(TaskWorker worker) {
            return new Sweep("tasks", PAUSE, worker::start);
        }

        @Bean
        Sweep leasesOfTasks(TaskWorker worker) {
            return new Sweep("leases of tasks", BEAT, worker::renew);
        }

        @Bean
        Sweep oldTasks(TaskWorker worker) {
            return new Sweep("old tasks", TIDYING, worker::forgetOld);
        }
    }

    /** Begins with all that is due, each lane in a thread of its own, and does not wait. */
    void start() {
        Instant now = clock.instant();
        for (String lane : mapper.dueLanes(now, now.plus(SLACK))) {
            if (!ending && busy.add(lane)) {
                begin(lane);
            }
        }
    }

    /** Looks at once what is due, in a thread of its own. */
    void wake() {
        try {
            threads.execute(this::start);
        } catch (RejectedExecutionException closing) {
            LOG.debug("Not begun any more: {}", closing.getMessage());
        }
    }

    private void begin(String lane) {
        try {
            threads.execute(() -> {
                try {
                    runAll(lane);
                } catch (RuntimeException failed) {
                    LOG.error("The tasks of {} stopped and go on at their next turn", lane, failed);
                } finally {
                    busy.remove(lane);
                }
            });
        } catch (RejectedExecutionException closing) {
            busy.remove(lane);
            LOG.debug("Not begun any more: {}", closing.getMessage());
        }
    }

    private void runAll(String lane) {
        Optional<TaskRow> taken = take(lane);
        while (taken.isPresent() && !ending) {
            taken.ifPresent(this::carryOut);
            taken = take(lane);
        }
    }

    private Optional<TaskRow> take(String lane) {
        Optional<TaskRow> taken = transactions.execute(status -> {
            Instant now = clock.instant();
            if (mapper.lockLane(lane).isEmpty()) {
                return Optional.<TaskRow>empty();
            }
            Optional<TaskRow> first =
                    mapper.first(lane).filter(each -> !mapper.isHeld(each.id(), now, now.plus(SLACK)));
            first.ifPresent(each -> {
                String owner = UUID.randomUUID().toString();
                mapper.take(each.id(), owner, now.plus(LEASE));
                held.put(each.id(), owner);
            });
            return first;
        });
        return taken == null ? Optional.empty() : taken;
    }

    private void carryOut(TaskRow row) {
        String owner = held.getOrDefault(row.id(), "");
        try {
            TaskHandler handler = handlers.stream()
                    .filter(each -> each.kind().equals(row.kind()))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("Nobody carries out " + row.kind()));
            handler.run(new TaskRun(row, owner, mapper, json, () -> ending));
            end(row, owner, TaskState.DONE, "");
        } catch (TaskRun.Ended ended) {
            if (ended.isStopped()) {
                end(row, owner, TaskState.STOPPED, "");
            } else {
                mapper.release(row.id(), owner);
            }
        } catch (Refusal refusal) {
            end(row, owner, TaskState.FAILED, refusal.thing() + ": " + refusal.reason() + " " + refusal.remedy());
        } catch (RuntimeException failed) {
            fail(row, owner, failed);
        } finally {
            held.remove(row.id());
        }
    }

    /** What fails by accident, as when the database is away, goes on from where it stands; not for ever. */
    private void fail(TaskRow row, String owner, RuntimeException failed) {
        LOG.error("{} “{}” was cut off", row.kind(), row.subject(), failed);
        if (mapper.attempts(row.id()) >= TRIES) {
            end(row, owner, TaskState.FAILED, "Something went wrong here " + TRIES + " times at the same place.");
        }
        // Else its lease runs out, and it is taken up again.
    }

    private void end(TaskRow row, String owner, TaskState state, String problem) {
        mapper.end(row.id(), owner, state, Shortened.to(LONGEST_PROBLEM, problem), clock.instant());
    }

    void renew() {
        Instant ends = clock.instant().plus(LEASE);
        held.forEach((id, owner) -> mapper.renew(id, owner, ends));
    }

    void forgetOld() {
        mapper.forgetEndedBefore(clock.instant().minus(REMEMBERED));
    }

    @EventListener(ContextClosedEvent.class)
    void end() throws InterruptedException {
        ending = true;
        threads.shutdown();
        if (!threads.awaitTermination(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
            LOG.info("Tasks that were being carried out are taken up by another server");
        }
    }
}
