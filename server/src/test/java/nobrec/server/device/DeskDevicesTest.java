package nobrec.server.device;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import nobrec.server.ServerTest;
import nobrec.standins.http.Behavior;
import org.junit.jupiter.api.Test;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** Each desk reads its own scale, and its measuring frame where it has one. */
class DeskDevicesTest extends ServerTest {

    private JsonNode opened(String job) {
        return newJob(job, "Plover Ground");
    }

    private MvcTestResult read(JsonNode bench, Map<String, String> desk) {
        return send("POST", "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/scale-reading", desk);
    }

    private static JsonNode first(JsonNode bench) {
        return bench.path("packages").get(0);
    }

    @Test
    void theShopsDevicesAreNamed() {
        assertThat(get("/api/v1/devices").toString()).contains("Scale at the bench", "Floor scale", "Measuring frame");
    }

    @Test
    void oneReadFillsWeightAndSize() {
        JsonNode bench = opened("DV-1");
        double carton = first(bench).path("size").path("lengthMillimeters").asDouble();
        JsonNode read = json(read(bench, Map.of("scale", "FLOORSCALE", "frame", "FRAME")));
        assertThat(read.path("state").asString()).as(read.toString()).isEqualTo("OPEN");
        assertThat(first(read).path("weightSource").asString()).isEqualTo("SCALE");
        assertThat(first(read).path("size").path("lengthMillimeters").asDouble())
                .isEqualTo(Math.round(carton))
                .isNotEqualTo(carton);
    }

    @Test
    void aFrameThatIsSilentLeavesTheWeight() {
        JsonNode bench = opened("DV-2");
        standIns().behave("measuring-frame", Behavior.FAIL);
        MvcTestResult refused = read(bench, Map.of("frame", "FRAME"));
        assertThat(json(refused).path("thing").asString()).isEqualTo("Measuring frame");
        assertThat(first(get("/api/v1/shipments?job=DV-2")).has("weight")).isTrue();
    }

    @Test
    void aSizeFarFromTheCartonsIsACaution() {
        JsonNode bench = opened("DV-3");
        JsonNode typed = json(send(
                "PUT",
                "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/size",
                Map.of("text", "40 x 30 x 20")));
        assertThat(typed.path("checks").toString()).contains("measures 40 × 30 × 20 in; a ");
    }

    @Test
    void whatIsNoScaleIsRefused() {
        JsonNode bench = opened("DV-4");
        assertThat(read(bench, Map.of("scale", "BOOKS")).getResponse().getStatus())
                .isBetween(400, 499);
        assertThat(read(bench, Map.of("scale", "NOTHING")).getResponse().getStatus())
                .isBetween(400, 499);
    }
}
