package nobrec.server.platform;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The one clock. The demo's is set to a Tuesday at noon when the demo is first loaded, and runs on from there. */
@Configuration
class TimeConfiguration {

    private static final ZoneId DEMO_ZONE = ZoneId.of("America/Chicago");

    @Bean
    Clock clock(DemoSettings demo) {
        if (!demo.isOn()) {
            return Clock.systemUTC();
        }
        Duration ahead = Duration.between(
                Instant.ofEpochSecond(demo.startedAt()),
                demo.startsAt().atZone(DEMO_ZONE).toInstant());
        return new DemoClock(Clock.offset(Clock.systemUTC(), ahead));
    }
}
