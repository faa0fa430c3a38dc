package nobrec.server.partner;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import nobrec.core.identifier.Sscc;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Each package has one number, and no number has two packages, whoever asks at the same moment. */
class PackageNumbersTest extends ServerTest {

    private static final int THREADS = 6;
    private static final int TURNS = 30;

    @Autowired
    private PackageNumbers numbers;

    @Test
    void manyAtOnceGetEachAnotherOneAndTheSamePackageTheSame() throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(THREADS);
        List<Callable<Map<String, Sscc>>> asked = new ArrayList<>();
        for (int turn = 0; turn < TURNS; turn++) {
            for (int thread = 0; thread < THREADS; thread++) {
                // Of two packages one is asked for by all of them.
                List<String> wanted = List.of("SSCC-SHARED-" + turn, "SSCC-" + turn + "-" + thread);
                asked.add(() -> numbers.of(wanted));
            }
        }
        Map<String, Sscc> all = new HashMap<>();
        for (Future<Map<String, Sscc>> each : threads.invokeAll(asked)) {
            each.get().forEach((tracking, given) -> {
                Sscc before = all.put(tracking, given);
                assertThat(before == null || before.equals(given)).as(tracking).isTrue();
            });
        }
        threads.shutdown();
        Set<Sscc> different = new HashSet<>(all.values());
        assertThat(different).hasSize(TURNS * (THREADS + 1)).hasSameSizeAs(all.keySet());
    }
}
