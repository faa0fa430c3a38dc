package nobrec.server.departure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

class DepartureBoardTest extends ServerTest {

    private static JsonNode pickup(JsonNode board, String carrier) {
        for (JsonNode each : board.path("pickups")) {
            if (each.path("carrier").asString().equals(carrier)) {
                return each;
            }
        }
        throw new AssertionError(board);
    }

    @Test
    void theDaysPickupsWithWhatIsOnThemAndWhatIsPromised() {
        JsonNode before = get("/api/v1/departures");
        assertThat(before.path("day").asString()).isEqualTo("2026-12-01");
        JsonNode godwit = pickup(before, "Godwit Post");
        assertThat(godwit.path("minutesLeft").asInt()).isEqualTo(130);
        JsonNode bench = weighedJob("T-58", "Dunlin Overnight");
        JsonNode promised = get("/api/v1/departures");
        int packages = pickup(promised, "Dunlin Express").path("packages").asInt();
        ship(bench);
        JsonNode after = get("/api/v1/departures");
        assertThat(pickup(after, "Dunlin Express").path("packages").asInt()).isEqualTo(packages + 1);
    }

    @Test
    void whatWillMissStandsFirstWithTheReason() {
        JsonNode first = get("/api/v1/departures/jobs?limit=1").path("rows").get(0);
        assertThat(first.path("verdict").asString()).isEqualTo("WILL_MISS");
        assertThat(first.path("job").asString()).isEqualTo("2407");
        assertThat(first.path("reason").asString()).contains("Promised Wed, Dec 2, there Mon, Dec 7 at the earliest");
    }

    @Test
    void whenTheLastDriverIsGoneThePromisesOfTheDayAreMissed() {
        clock.pass(Duration.ofHours(5));
        JsonNode board = get("/api/v1/departures");
        assertThat(board.path("pickups"))
                .allMatch(each -> each.path("minutesLeft").asInt() < 0);
        assertThat(get("/api/v1/departures/jobs").path("rows"))
                .isNotEmpty()
                .noneMatch(job -> job.path("verdict").asString().equals("MUST_LEAVE_TODAY"));
    }

    @Test
    void allJobsAreThereAPartAtATimeAbroadToo() {
        String row = "DP-1,Quillfeather Packaging,PO 9,Maple Works,Dock,8 King St,,Toronto,ON,M5V 2T6,CA,,,12/18/2026,,"
                + "we pay and bill,SK-3,Seal kit,5,0.5,\r\n";
        String heading = new String(demoFile("orders-tuesday.csv"), StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElseThrow();
        MvcTestResult taken = drop("orders.csv", (heading + "\r\n" + row).getBytes(StandardCharsets.UTF_8));
        assertThat(json(taken).path("run").path("faults")).isEmpty();
        Map<String, JsonNode> all = new LinkedHashMap<>();
        String cursor = "";
        int total;
        do {
            JsonNode part = get("/api/v1/departures/jobs?limit=5" + cursor);
            part.path("rows").forEach(job -> all.put(job.path("job").asString(), job));
            total = part.path("total").asInt();
            cursor = part.has("next") ? "&cursor=" + part.path("next").asLong() : "";
        } while (!cursor.isEmpty());
        assertThat(all).hasSize(total);
        assertThat(all.get("DP-1").path("service").asString()).isEqualTo("Dunlin Worldwide");
        assertThat(all.get("DP-1").path("reason").asString()).contains("It goes to Canada.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"limit=0", "limit=501", "limit=x", "cursor=x"})
    void aPartThatMakesNoSenseIsRefused(String query) {
        assertThat(mvc.get()
                        .uri("/api/v1/departures/jobs?" + query)
                        .with(user(INES).roles("COORDINATOR"))
                        .exchange())
                .hasStatus4xxClientError();
    }
}
