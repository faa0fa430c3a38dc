package nobrec.server.departure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
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
        JsonNode before = get("/api/departures");
        assertThat(before.path("day").asString()).isEqualTo("2026-12-01");
        JsonNode godwit = pickup(before, "Godwit Post");
        assertThat(godwit.path("minutesLeft").asInt()).isEqualTo(130);
        JsonNode bench = weighedJob("T-58", "Dunlin Overnight");
        JsonNode promised = get("/api/departures");
        int packages = pickup(promised, "Dunlin Express").path("packages").asInt();
        ship(bench);
        JsonNode after = get("/api/departures");
        assertThat(pickup(after, "Dunlin Express").path("packages").asInt()).isEqualTo(packages + 1);
    }

    @Test
    void whatWillMissStandsFirstWithTheReason() {
        JsonNode first = get("/api/departures").path("jobs").get(0);
        assertThat(first.path("verdict").asString()).isEqualTo("WILL_MISS");
        assertThat(first.path("job").asString()).isEqualTo("2407");
        assertThat(first.path("reason").asString()).contains("Promised Wed, Dec 2, there Mon, Dec 7 at the earliest");
    }

    @Test
    void whenTheLastDriverIsGoneThePromisesOfTheDayAreMissed() {
        clock.pass(Duration.ofHours(5));
        JsonNode board = get("/api/departures");
        assertThat(board.path("pickups"))
                .allMatch(each -> each.path("minutesLeft").asInt() < 0);
        assertThat(board.path("jobs"))
                .isNotEmpty()
                .noneMatch(job -> job.path("verdict").asString().equals("MUST_LEAVE_TODAY"));
    }
}
