package nobrec.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

class RepeatedLinesTest {

    private final AtomicLong nanos = new AtomicLong();
    private final RepeatedLines lines = new RepeatedLines(nanos::get);

    @Test
    void aLineIsWrittenOnceAMinuteWithHowOftenItCame() {
        assertThat(lines.leftOut("fault")).isZero();
        for (int again = 0; again < 41; again++) {
            assertThat(lines.leftOut("fault")).isNegative();
        }
        assertThat(lines.leftOut("another")).isZero();
        nanos.addAndGet(Duration.ofSeconds(61).toNanos());
        assertThat(lines.leftOut("fault")).isEqualTo(41);
        assertThat(lines.leftOut("fault")).isNegative();
    }

    @Test
    void manyDifferentLinesAreForgottenInTurn() {
        for (int line = 0; line < 2_000; line++) {
            assertThat(lines.leftOut("line " + line)).isZero();
        }
        assertThat(lines.leftOut("line 0")).isZero();
    }
}
