package nobrec.standins;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import nobrec.standins.scale.Scale;
import nobrec.standins.scale.Scale.Status;
import org.junit.jupiter.api.Test;

class ScaleTest {

    private final AtomicLong nanos = new AtomicLong();
    private final Scale scale = new Scale(nanos::get);

    private void pass(long millis) {
        nanos.addAndGet(TimeUnit.MILLISECONDS.toNanos(millis));
    }

    @Test
    void movesAndThenRests() {
        assertThat(scale.report().status()).isEqualTo(Status.STABLE_AT_ZERO);
        scale.put(1_760);
        assertThat(scale.report().status()).isEqualTo(Status.IN_MOTION);
        int swinging = scale.report().hundredths();
        pass(599);
        assertThat(scale.report().status()).isEqualTo(Status.IN_MOTION);
        assertThat(scale.report().hundredths()).isNotEqualTo(swinging);
        pass(1);
        assertThat(scale.report()).isEqualTo(new Scale.Report(Status.STABLE, 388));
    }

    @Test
    void showsOverloadAboveItsCapacity() {
        scale.put(70_000);
        pass(1_000);
        assertThat(scale.report().status()).isEqualTo(Status.OVER_LIMIT);
        scale.put(0);
        pass(1_000);
        assertThat(scale.report().status()).isEqualTo(Status.STABLE_AT_ZERO);
    }

    @Test
    void doesAsItIsTold() {
        scale.put(1_760);
        scale.setMood(Scale.Mood.KEEPS_MOVING);
        pass(60_000);
        assertThat(scale.report().status()).isEqualTo(Status.IN_MOTION);
        scale.setMood(Scale.Mood.OVERLOADED);
        assertThat(scale.report().status()).isEqualTo(Status.OVER_LIMIT);
        scale.setMood(Scale.Mood.SETTLES);
        assertThat(scale.report().status()).isEqualTo(Status.STABLE);
    }
}
