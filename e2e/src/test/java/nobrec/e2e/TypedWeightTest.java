package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.openqa.selenium.Keys;

/**
 * Measures how long it takes from a key pressed in the weight's field until the offers stand on the screen with the new prices.
 * Run by {@code ./nobrec bench} only; no check waits for a clock.
 */
@EnabledIfSystemProperty(named = "nobrec.measurements", matches = ".+")
class TypedWeightTest {

    private static final int SERVICES = 20;
    private static final int WARM_UP = 20;
    private static final int KEYS = 100;
    private static final int SETTLED_MS = 350;

    /** From the moment of the key to the first moment after the changed offers were painted. */
    private static final String WATCH = """
            window.nobrecKey = undefined;
            window.nobrecTimes = [];
            addEventListener('keydown', (event) => { window.nobrecKey = event.timeStamp; }, true);
            new MutationObserver(() => {
              const key = window.nobrecKey;
              if (key === undefined) return;
              window.nobrecKey = undefined;
              requestAnimationFrame(() => {
                const painted = new MessageChannel();
                painted.port1.onmessage = () => window.nobrecTimes.push(performance.now() - key);
                painted.port2.postMessage(0);
              });
            }).observe(document.querySelector('section[aria-label=Rates] ul'),
                {subtree: true, childList: true, characterData: true});
            """;

    @Test
    void fromKeyToPaintedOffers() throws Exception {
        Application application = Application.running(ManyServices.demoWith(SERVICES));
        try (Desk desk = new Desk(application)) {
            desk.signIn("ines");
            desk.open("/jobs");
            desk.waitFor("table");
            desk.chooseFile(Application.DEMO.resolve("orders-tuesday.csv"));
            desk.waitForText("10 went in");
            desk.open("/bench/2423");
            desk.waitForText("2 packages");
            desk.browser()
                    .executeScript("document.querySelector('section[aria-label=Rates] button.underline').click()");
            assertThat(desk.browser().executeScript("return document.querySelectorAll('li[data-service]').length"))
                    .isEqualTo((long) SERVICES);
            desk.press(Keys.F2);
            desk.browser().executeScript(WATCH);
            for (int round = 0; round < WARM_UP + KEYS; round++) {
                measure(desk, round);
            }
            List<Double> times = times(desk);
            assertThat(times.size()).isGreaterThanOrEqualTo(KEYS);
            report(times.subList(times.size() - KEYS, times.size()));
        }
    }

    /** One digit more, and the weight is another: 2 lb becomes 23 lb, 24 lb, ... */
    private static void measure(Desk desk, int round) throws InterruptedException {
        desk.press(Keys.chord(Keys.CONTROL, "a"), "2");
        Thread.sleep(SETTLED_MS);
        desk.browser().executeScript("window.nobrecKey = undefined; window.nobrecTimes.splice(arguments[0])", round);
        desk.press(String.valueOf(3 + round % 7));
        Thread.sleep(SETTLED_MS);
    }

    private static List<Double> times(Desk desk) {
        List<Double> times = new ArrayList<>();
        for (Object each : (List<?>) desk.browser().executeScript("return window.nobrecTimes")) {
            times.add(((Number) each).doubleValue());
        }
        return times;
    }

    private static void report(List<Double> times) throws IOException {
        List<Double> sorted = times.stream().sorted().toList();
        String text = """

                ## A typed weight on the Bench

                From a key in the field of a weight to the offers painted with the new prices, in Chromium against the packaged
                application and its database on the same machine: two packages, %d services, %d keys after %d to warm up.

                - median (below 100 ms requested): %.0f ms
                - 95 of 100: %.0f ms
                """.formatted(SERVICES, KEYS, WARM_UP, sorted.get(KEYS / 2), sorted.get(KEYS * 95 / 100));
        Files.writeString(Path.of(System.getProperty("nobrec.measurements")), text, StandardOpenOption.APPEND);
    }
}
