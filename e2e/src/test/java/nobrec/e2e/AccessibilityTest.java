package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every screen, on paper and in the evening, by axe-core: WCAG 2.1 A and AA. */
class AccessibilityTest {

    private static final List<String> SCREENS = List.of(
            "/departures",
            "/jobs",
            "/bench",
            "/bench/2404",
            "/bench/scan",
            "/handover",
            "/handover/one?site=ROCKFORD&carrier=PLOVER",
            "/jobs/runs",
            "/bench/2403",
            "/postings",
            "/en-route",
            "/en-route/asking",
            "/customers",
            "/customers/set-up",
            "/request",
            "/emails",
            "/emails/look",
            "/emails/stops",
            "/rates",
            "/connections",
            "/printers",
            "/partners",
            "/partners/notices",
            "/write-backs",
            "/books",
            "/rules/events",
            "/papers/abroad",
            "/sources",
            "/sources/ORDERDESK",
            "/sources/ORDERDESK/set-up",
            "/sources/wordbook",
            "/items",
            "/rules",
            "/rules/new",
            "/rules/2",
            "/jobs/attention",
            "/jobs/one?job=2404",
            "/jobs/new",
            "/places",
            "/places/1");

    /** Sees every section. */
    private static final String ADMINISTRATOR = "admin";

    private final Application application = Application.running();

    @ParameterizedTest
    @ValueSource(strings = {"kraft", "evening"})
    void screensCanBeReadByEveryone(String theme) {
        try (Desk desk = new Desk(application).signIn(ADMINISTRATOR)) {
            desk.browser().executeScript("localStorage.setItem('nobrec-theme', arguments[0])", theme);
            for (String screen : SCREENS) {
                desk.open(screen);
                desk.waitFor("main h1");
                List<Rule> violations = new AxeBuilder()
                        .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa"))
                        .analyze(desk.browser())
                        .getViolations();
                assertThat(violations.stream()
                                .map(rule -> rule.getId() + " "
                                        + rule.getNodes().get(0).getHtml())
                                .toList())
                        .as(screen + " in " + theme)
                        .isEmpty();
            }
        }
    }
}
