package nobrec.server.platform.outbox;

import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import nobrec.core.refusal.Refusal;
import nobrec.server.platform.BackgroundWork.Sweep;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Takes due entries of the outbox and has them carried out, one after the other for each target: a target that is slow holds up
 * no other. Several servers share the work. A server that is killed in the middle leaves an entry whose lease runs out.
 */
@Component
public class OutboxWorker {

    private static final Logger LOG = LoggerFactory.getLogger(OutboxWorker.class);

    /** So many targets are served at once by each server. */
    private static final int TARGETS_AT_ONCE = 24;

    /** As long as a call to a system outside may take, twice. */
    private static final int PATIENCE_SECONDS = 8;

    private final OutboxMapper mapper;
    private final Outbox outbox;
    private final OutboxTargets targets;
    private final LongestCalls longestCalls;
    private final ObjectProvider<OutboxHandler> handlers;
    private final TransactionOperations transactions;
    private final Clock clock;
    private final Set<String> busy = ConcurrentHashMap.newKeySet();
    private final ExecutorService threads =
            Executors.newFixedThreadPool(TARGETS_AT_ONCE, work -> new Thread(work, "outbox"));
    private volatile boolean ending;

    OutboxWorker(
            OutboxMapper mapper,
            Outbox outbox,
            OutboxTargets targets,
            ObjectProvider<OutboxHandler> handlers,
            TransactionOperations transactions,
            LongestCalls longestCalls,
            Clock clock) {
        this.longestCalls = longestCalls;
        this.mapper = mapper;
        this.outbox = outbox;
        this.targets = targets;
        this.transactions = transactions;
        this.clock = clock;
        this.handlers = handlers;
    }

    /** Looks again and again what is due. */
    @Configuration
    static class Sweeping {
        private static final Duration PAUSE = Duration.ofSeconds(2);

        @Bean
        Sweep sweepOfOutbox(OutboxWorker worker) {
            return new Sweep("outbox", PAUSE, worker::start);
        }
    }

    /** Begins with all that is due, each target in a thread of its own, and does not wait. */
    public void start() {
        for (String target : mapper.dueTargets(DueTimes.at(clock))) {
            if (!ending && busy.add(target)) {
                begin(target);
            }
        }
    }

    private void begin(String target) {
        try {
            threads.execute(() -> {
                try {
                    run(target);
                } catch (RuntimeException failed) {
                    LOG.error("The outbox for {} stopped and goes on at its next turn", target, failed);
                } finally {
                    busy.remove(target);
                }
            });
        } catch (RejectedExecutionException closing) {
            LOG.debug("Not begun any more: {}", closing.getMessage());
        }
    }

    /** Works through all that is due, and waits for it. */
    public void run() {
        mapper.dueTargets(DueTimes.at(clock)).forEach(this::run);
    }

    private void run(String target) {
        TargetRow how = mapper.target(target).orElseGet(() -> TargetRow.usual(target));
        boolean found = true;
        while (found && !ending) {
            DueTimes times = DueTimes.at(clock);
            found = runOne(
                    () -> targets.mayCall(how) ? mapper.nextDue(target, times, OutboxKind.IN_ORDER) : Optional.empty());
        }
    }

    /** Carries out what waits for a subject now, whenever its time would come. */
    public void runNow(OutboxKind kind, Subject.Kind subjectKind, long subjectId) {
        runOne(() -> outbox.waitingLocked(kind, subjectKind, subjectId));
    }

    private boolean runOne(Supplier<Optional<OutboxEntry>> find) {
        DueTimes times = DueTimes.at(clock);
        Optional<OutboxEntry> taken = transactions.execute(status -> {
            Optional<OutboxEntry> entry = find.get();
            entry.ifPresent(each -> mapper.take(each.entryKey(), times.leaseEnds(longestCalls.to(each.target()))));
            return entry;
        });
        taken.ifPresent(entry -> attempt(entry, () -> handlerOf(entry.kind()).carryOut(entry)));
        return taken.isPresent();
    }

    private OutboxHandler handlerOf(OutboxKind kind) {
        return handlers.stream()
                .filter(each -> each.kinds().contains(kind))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("Nobody carries out " + kind));
    }

    /** Does with an entry that is taken already; what fails is put off. */
    public void attempt(OutboxEntry entry, Runnable act) {
        try {
            act.run();
        } catch (RuntimeException failed) {
            LOG.error("{} {} could not be carried out and is tried again later", entry.kind(), entry.subject(), failed);
            outbox.putOff(entry, reason(failed));
        }
    }

    private static String reason(RuntimeException failed) {
        return failed instanceof Refusal refusal
                ? refusal.thing() + ": " + refusal.reason() + " " + refusal.remedy()
                : "Something went wrong here; it is tried again by itself.";
    }

    @EventListener(ContextClosedEvent.class)
    void end() throws InterruptedException {
        ending = true;
        threads.shutdown();
        if (!threads.awaitTermination(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
            LOG.info("Entries that were being carried out are taken up by another server");
        }
    }
}
