package nobrec.server.platform;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import java.util.List;
import javax.sql.DataSource;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Work that goes on by itself, shared by all servers on one database. */
@Configuration
public class BackgroundWork {

    private static final int THREADS = 2;

    /** Something done again and again. */
    public record Sweep(String name, Duration pause, Runnable work) {}

    @Bean(destroyMethod = "stop")
    Scheduler scheduler(DataSource dataSource, List<Sweep> sweeps) {
        List<RecurringTask<Void>> tasks = sweeps.stream()
                .map(sweep -> Tasks.recurring(sweep.name(), FixedDelay.of(sweep.pause()))
                        .execute((instance, context) -> sweep.work().run()))
                .toList();
        return Scheduler.create(dataSource)
                .startTasks(tasks)
                .alwaysPersistTimestampInUTC()
                .threads(THREADS)
                .pollingInterval(Duration.ofSeconds(1))
                .build();
    }

    /** Starts it only when everything else is ready. */
    @Component
    static class Starter {
        private final Scheduler scheduler;

        Starter(Scheduler scheduler) {
            this.scheduler = scheduler;
        }

        @EventListener(ApplicationReadyEvent.class)
        void start() {
            scheduler.start();
        }
    }
}
