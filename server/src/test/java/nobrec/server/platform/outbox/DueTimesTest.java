package nobrec.server.platform.outbox;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;

class DueTimesTest {

    private static final Instant NOW = Instant.parse("2026-12-01T19:05:00Z");
    private final DueTimes times = DueTimes.at(Clock.fixed(NOW, ZoneOffset.UTC));

    @Test
    void nobodyElseTakesAnEntryBeforeItsCallsHaveEnded() {
        assertThat(times.leaseEnds(Duration.ZERO)).isEqualTo(NOW.plusSeconds(10));
        assertThat(times.leaseEnds(Duration.ofSeconds(3))).isEqualTo(NOW.plusSeconds(10));
        assertThat(times.leaseEnds(Duration.ofSeconds(30))).isEqualTo(NOW.plusSeconds(64));
        assertThat(times.leaseEnds(Duration.ofSeconds(30))).isBefore(times.notPossible());
    }
}
