package nobrec.server.platform;

import static org.assertj.core.api.Assertions.assertThatCode;

import java.util.List;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A sweep that always fails is seen in the log alone: here each is run once. */
class SweepsTest extends ServerTest {

    @Autowired
    private List<BackgroundWork.Sweep> sweeps;

    @Test
    void eachSweepComesToItsEnd() {
        for (BackgroundWork.Sweep each : sweeps) {
            assertThatCode(each.work()::run).as(each.name()).doesNotThrowAnyException();
        }
    }
}
