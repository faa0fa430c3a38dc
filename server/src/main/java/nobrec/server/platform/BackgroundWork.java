package nobrec.server.platform;

import java.time.Duration;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.concurrent.ThreadPoolTaskScheduler;
import org.springframework.stereotype.Component;

/**
 * Work that goes on by itself. Each server looks for itself what is due: what is taken by one is claimed in the database
 * row by row, so that a server that is killed holds up no other.
 */
@Configuration
public class BackgroundWork {

    private static final Logger LOG = LoggerFactory.getLogger(BackgroundWork.class);

    /** As long as a call to a system outside may take, twice. */
    private static final int PATIENCE_SECONDS = 8;

    /** Something done again and again. */
    public record Sweep(String name, Duration pause, Runnable work) {}

    @Bean
    ThreadPoolTaskScheduler sweeper(List<Sweep> sweeps) {
        ThreadPoolTaskScheduler scheduler = new ThreadPoolTaskScheduler();
        scheduler.setThreadNamePrefix("sweep-");
        scheduler.setPoolSize(sweeps.size());
        scheduler.setWaitForTasksToCompleteOnShutdown(true);
        scheduler.setAwaitTerminationSeconds(PATIENCE_SECONDS);
        scheduler.setErrorHandler(failed -> LOG.error("A sweep failed and goes on at its next turn", failed));
        return scheduler;
    }

    /** Starts them only when everything else is ready. */
    @Component
    static class Starter {
        private final ThreadPoolTaskScheduler sweeper;
        private final List<Sweep> sweeps;

        Starter(ThreadPoolTaskScheduler sweeper, List<Sweep> sweeps) {
            this.sweeper = sweeper;
            this.sweeps = sweeps;
        }

        @EventListener(ApplicationReadyEvent.class)
        void start() {
            sweeps.forEach(sweep -> sweeper.scheduleWithFixedDelay(sweep.work(), sweep.pause()));
        }
    }
}
