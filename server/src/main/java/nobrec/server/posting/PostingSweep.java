package nobrec.server.posting;

import java.time.Duration;
import nobrec.server.platform.BackgroundWork.Sweep;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Tries postings again when their time has come. */
@Configuration
class PostingSweep {

    private static final Duration PAUSE = Duration.ofSeconds(2);

    @Bean
    Sweep sweepOfPostings(PostingWorker worker) {
        return new Sweep("postings", PAUSE, worker::run);
    }
}
