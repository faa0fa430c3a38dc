package nobrec.server.source;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.connection.ReadFault;
import nobrec.server.platform.BackgroundWork.Sweep;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.task.NewTask;
import nobrec.server.platform.task.Tasks;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** When each source is asked, and what came of it; of several servers one asks. */
@Component
class SourceRuns {

    /** What was changed shortly before the last look may not have been seen then. */
    private static final Duration OVERLAP = Duration.ofMinutes(5);

    private static final Duration FIRST_LOOK = Duration.ofDays(7);
    private static final Duration LONGEST_WINDOW = Duration.ofDays(731);
    private static final int LONGEST_SAID = 600;
    private static final int MOST_DOUBLINGS = 5;

    private final RecordMapper mapper;
    private final Tasks tasks;
    private final Clock clock;

    SourceRuns(RecordMapper mapper, Tasks tasks, Clock clock) {
        this.mapper = mapper;
        this.tasks = tasks;
        this.clock = clock;
    }

    @Configuration
    static class Timer {
        private static final Duration PAUSE = Duration.ofSeconds(5);

        @Bean
        Sweep sweepOfSources(SourceRuns runs) {
            return new Sweep("sources", PAUSE, runs::askDue);
        }
    }

    void askDue() {
        mapper.due(clock.instant()).forEach(this::askNow);
    }

    private void askNow(RecordSourceRow row) {
        if (row.nextAt() != null && row.layout() != null) {
            Instant later = clock.instant().plus(pause(row.everyMinutes(), 0));
            if (mapper.takeTurn(row.code(), row.nextAt(), later) == 1) {
                Instant until = clock.instant();
                Instant from = Optional.ofNullable(row.knownUntil())
                        .map(known -> known.minus(OVERLAP))
                        .orElse(until.minus(FIRST_LOOK));
                begin(row.code(), row.name(), new LookTask.Request(row.code(), from, until, true), AuditLog.BY_ITSELF);
            }
        }
    }

    /**
     * A person looks at what is new.
     *
     * @return the task
     */
    @Transactional
    public long look(SourceSetUp source, Duration back, String signIn) {
        if (back.compareTo(LONGEST_WINDOW) > 0 || back.compareTo(Duration.ofMinutes(1)) < 0) {
            throw Refusal.unusable(source.name(), "So far back it cannot be looked at.", "Choose up to two years.");
        }
        Instant until = clock.instant();
        return begin(
                source.code(),
                source.name(),
                new LookTask.Request(source.code(), until.minus(back), until, false),
                signIn);
    }

    /** Takes in chosen records. */
    @Transactional
    public long take(SourceSetUp source, TakeTask.Request request, String signIn) {
        return start(source.code(), source.name(), TakeTask.KIND, request, signIn);
    }

    private long begin(String code, String name, LookTask.Request request, String signIn) {
        return start(code, name, LookTask.KIND, request, signIn);
    }

    private long start(String code, String name, String kind, Object request, String signIn) {
        long task = tasks.start(new NewTask(kind, "orders:" + code, name, request), signIn);
        mapper.begin(code, task);
        return task;
    }

    /** All is known up to the window's end only where nothing before it was left out. */
    void succeeded(SourceSetUp source, LookTask.Request window, String said) {
        Instant now = clock.instant();
        boolean goesOn = mapper.source(source.code())
                .map(RecordSourceRow::knownUntil)
                .map(known -> !window.from().isAfter(known))
                .orElse(window.takes());
        Instant knownUntil = goesOn ? window.until() : null;
        mapper.ended(source.code(), now, said, false, 0, knownUntil, next(source, now, 0));
    }

    /** One that fails is asked after growing pauses, or when it wants to be. */
    void failed(SourceSetUp source, ReadFault fault) {
        Instant now = clock.instant();
        int failures =
                mapper.source(source.code()).map(RecordSourceRow::failures).orElse(0) + 1;
        Instant usual = next(source, now, failures);
        Instant wanted = fault.retryAfter().map(now::plus).orElse(now);
        Instant next = usual != null && wanted.isAfter(usual) ? wanted : usual;
        mapper.ended(
                source.code(),
                now,
                Shortened.to(LONGEST_SAID, fault.reason() + " " + fault.remedy()),
                true,
                failures,
                null,
                next);
    }

    private static @Nullable Instant next(SourceSetUp source, Instant now, int failures) {
        return source.everyMinutes() == 0 ? null : now.plus(pause(source.everyMinutes(), failures));
    }

    private static Duration pause(int everyMinutes, int failures) {
        return Duration.ofMinutes(everyMinutes).multipliedBy(1L << Math.min(failures, MOST_DOUBLINGS));
    }
}
