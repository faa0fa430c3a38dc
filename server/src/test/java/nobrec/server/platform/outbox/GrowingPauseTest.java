package nobrec.server.platform.outbox;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GrowingPauseTest {

    @ParameterizedTest
    @CsvSource({"1, 2", "2, 4", "5, 32", "8, 256", "9, 300", "1000, 300"})
    void growsToFiveMinutesAndIsAFifthShorterAtMost(int attempts, long seconds) {
        assertThat(GrowingPause.after(attempts, "key"))
                .isBetween(Duration.ofMillis(seconds * 800), Duration.ofSeconds(seconds));
    }

    @Test
    void isNotTheSameForAll() {
        assertThat(IntStream.range(0, 100)
                        .mapToObj(each -> GrowingPause.after(9, "key " + each))
                        .collect(Collectors.toSet()))
                .hasSizeGreaterThan(10);
    }
}
