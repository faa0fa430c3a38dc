package nobrec.server.pickup;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.http.Behavior;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** A pickup is asked for once, confirmed by a number, and called off; what finds nothing is named. */
class PickupsTest extends ServerTest {

    @Autowired
    private OutboxWorker worker;

    private String site() {
        return database.queryForObject("SELECT code FROM site ORDER BY id LIMIT 1", String.class);
    }

    private MvcTestResult ask(String carrier, String day, String from, String until) {
        Map<String, Object> wish = new HashMap<>(Map.of(
                "site",
                site(),
                "carrier",
                carrier,
                "day",
                day,
                "readyAt",
                from,
                "closesAt",
                until,
                "stands",
                "Dock 2"));
        wish.put("packages", 3);
        wish.put("weight", "41 lb");
        return send("POST", "/api/v1/pickups", wish);
    }

    /** The one asked for last; the list is by their days. */
    private static JsonNode last(JsonNode list) {
        return list.path("rows")
                .valueStream()
                .max(Comparator.comparingLong(row -> row.path("id").asLong()))
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({"GODWIT, GODWIT-P, 2026-12-08", "WHIMBREL, WHIMBREL-P, 2026-12-09"})
    void isConfirmedByANumberAndCalledOffByIt(String carrier, String prefix, String day) {
        JsonNode asked = last(json(ask(carrier, day, "14:00", "17:00")));
        assertThat(asked.path("state").asString()).isEqualTo("CONFIRMED");
        assertThat(asked.path("confirmation").asString()).startsWith(prefix);
        assertThat(ask(carrier, day, "14:00", "16:00"))
                .as("for that time once more")
                .hasStatus(HttpStatus.CONFLICT);
        String off = "/api/v1/pickups/" + asked.path("id").asLong() + "/call-off";
        assertThat(last(json(send("POST", off, Map.of()))).path("state").asString())
                .isEqualTo("CALLED_OFF");
        assertThat(send("POST", off, Map.of())).as("twice").hasStatus(HttpStatus.CONFLICT);
    }

    @Test
    void aSilentCarrierIsAskedAgainForOnePickup() {
        standIns().behave("godwit", Behavior.LOSE_ANSWER);
        JsonNode asked = last(json(ask("GODWIT", "2026-12-10", "14:00", "17:00")));
        assertThat(asked.path("state").asString()).isEqualTo("ASKED");
        allAnswerAgain();
        clock.pass(Duration.ofMinutes(6));
        worker.run();
        JsonNode now = last(get("/api/v1/pickups"));
        assertThat(now.path("state").asString()).isEqualTo("CONFIRMED");
        assertThat(now.path("confirmation").asString()).startsWith("GODWIT-P");
    }

    @Test
    void aCarrierThatHasNoDriverThenSaysSo() {
        MvcTestResult refused = ask("GODWIT", "2026-12-11", "20:00", "21:00");
        assertThat(refused).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(json(refused).toString()).contains("No driver is out");
        assertThat(last(get("/api/v1/pickups")).path("state").asString()).isEqualTo("REFUSED");
    }

    @ParameterizedTest
    @CsvSource({
        "2026-12-08, 17:00, 14:00",
        "2026-11-30, 14:00, 17:00",
        "2026-12-01, 08:00, 09:00",
        "2026-12-25, 14:00, 17:00",
        "2029-12-04, 14:00, 17:00"
    })
    void whatCannotBeIsRefusedBeforeTheCarrierIsAsked(String day, String from, String until) {
        int before = get("/api/v1/pickups").path("rows").size();
        assertThat(ask("GODWIT", day, from, until)).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(get("/api/v1/pickups").path("rows")).hasSize(before);
    }

    @Test
    void aPickupThatFindsNothingIsNamed() {
        database.update("UPDATE package SET handover_id = 0 WHERE handover_id IS NULL AND tracking_number LIKE 'CF%'");
        JsonNode asked = last(json(ask("CURLEW", "2026-12-01", "14:00", "17:00")));
        assertThat(get("/api/v1/departures").path("stuck"))
                .anyMatch(thing -> thing.path("thing").asString().contains("Pickup of Curlew Freight")
                        && thing.path("reason").asString().contains("Nothing is ready"));
        assertThat(asked.path("state").asString()).isEqualTo("CONFIRMED");
        assertThat(send(
                        "POST",
                        "/api/v1/pickups/" + asked.path("id").asLong() + "/call-off",
                        Map.of(),
                        "odette",
                        "BOOKKEEPER"))
                .hasStatus(HttpStatus.FORBIDDEN);
    }
}
