package nobrec.server.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** Pieces scanned as they go in; and whatever was done last on the bench, taken back by whoever did it. */
class ContentsScansTest extends ServerTest {

    private JsonNode opened(String job, int pieces) {
        bringIn(job, "Plover Ground", pieces);
        return json(send("POST", "/api/v1/shipments", Map.of("job", job)));
    }

    private static String path(JsonNode bench, String rest) {
        return "/api/v1/shipments/" + bench.path("id").asLong() + rest;
    }

    private JsonNode scan(JsonNode bench, int focus, String text) {
        return json(send("POST", path(bench, "/packages/" + focus + "/scans"), Map.of("text", text)));
    }

    private MvcTestResult undo(JsonNode bench, String signIn) {
        return send("POST", path(bench, "/undo"), Map.of(), signIn, "COORDINATOR");
    }

    private static JsonNode contents(JsonNode bench) {
        return bench.path("packages").get(0).path("contents").get(0);
    }

    private static String checks(JsonNode bench) {
        return bench.path("checks").toString();
    }

    @Test
    void theCountFillsUntilAllIsIn() {
        JsonNode bench = opened("CS-1", 2);
        String item = contents(bench).path("item").asString();
        JsonNode first = scan(bench, 1, item.toLowerCase());
        assertThat(first.path("verdict").asString()).isEqualTo("COUNTED");
        assertThat(contents(first.path("bench")).path("scanned").asInt()).isEqualTo(1);
        assertThat(checks(first.path("bench"))).contains("Scanned: 1 of 2 pieces; missing: 1 of " + item);
        JsonNode second = scan(bench, 1, item);
        assertThat(checks(second.path("bench"))).contains("Every piece was scanned");
        assertThat(scan(bench, 1, item).path("verdict").asString()).isEqualTo("ONE_TOO_MANY");
        assertThat(scan(bench, 1, "no such thing").path("verdict").asString()).isEqualTo("UNKNOWN");
        assertThat(json(undo(bench, INES)).path("act").asString()).isEqualTo("scanned a piece");
        assertThat(scan(bench, 1, item).path("verdict").asString()).isEqualTo("COUNTED");
        JsonNode carton = scan(
                bench,
                1,
                "NOBREC-CARTON-" + bench.path("cartonTypes").get(0).path("code").asString());
        assertThat(carton.path("verdict").asString()).isEqualTo("NEW_PACKAGE");
        assertThat(carton.path("bench").path("packages")).hasSize(2);
        assertThat(contents(carton.path("bench")).path("scanned").asInt()).isEqualTo(2);
    }

    @Test
    void whatBearsNoBarcodeIsCountedByEyeWithWhoDidIt() {
        JsonNode bench = opened("CS-2", 3);
        JsonNode counted = json(send(
                "POST",
                path(bench, "/packages/1/counted"),
                Map.of("line", contents(bench).path("line").asLong())));
        assertThat(contents(counted).path("scanned").asInt()).isEqualTo(3);
        assertThat(database.queryForObject(
                        "SELECT COUNT(*) FROM audit_log WHERE act = 'counted contents by eye' AND sign_in = ?",
                        Integer.class,
                        INES))
                .isPositive();
    }

    @Test
    void theLastActIsTakenBackStepByStep() {
        JsonNode bench = opened("CS-3", 4);
        String before = bench.path("packages").toString();
        long line = contents(bench).path("line").asLong();
        send("PUT", path(bench, "/packages/1/weight"), Map.of("text", "2.4"));
        send(
                "POST",
                path(bench, "/packages"),
                Map.of("text", bench.path("packages").get(0).path("cartonCode").asString()));
        JsonNode moved =
                json(send("POST", path(bench, "/moves"), Map.of("line", line, "quantity", 1, "from", 1, "to", 2)));
        assertThat(moved.path("packages")).hasSize(2);
        send("PUT", path(bench, "/service"), Map.of("text", "DUN-TWO"));
        assertThat(json(undo(bench, INES)).path("act").asString()).isEqualTo("chose a service");
        assertThat(json(undo(bench, INES)).path("act").asString()).isEqualTo("moved pieces");
        assertThat(json(undo(bench, INES)).path("act").asString()).isEqualTo("added a package");
        JsonNode weighed = get("/api/v1/shipments?job=CS-3");
        assertThat(weighed.path("packages")).hasSize(1);
        assertThat(weighed.path("packages").get(0).path("weight").path("grams").asDouble())
                .isPositive();
        assertThat(json(undo(bench, INES)).path("act").asString()).startsWith("typed the weight");
        assertThat(get("/api/v1/shipments?job=CS-3").path("packages").toString())
                .isEqualTo(before);
        assertThat(undo(bench, INES)).as("nothing is left").hasStatus(HttpStatus.CONFLICT);
    }

    /** On a pallet small pieces lie in cartons of their own: that is put back as well. */
    @Test
    void aPalletIsPutBackWithTheCartonsOnIt() {
        JsonNode bench = opened("CS-5", 4);
        String pallet = bench.path("cartonTypes")
                .valueStream()
                .filter(carton -> carton.path("name").asString().equals("Pallet"))
                .findFirst()
                .orElseThrow()
                .path("code")
                .asString();
        JsonNode onPallet = json(send("PUT", path(bench, "/packages/1/carton"), Map.of("text", pallet)));
        assertThat(onPallet.path("packages").get(0).path("cartonCode").asString())
                .isEqualTo(pallet);
        send("PUT", path(bench, "/packages/1/weight"), Map.of("text", "60", "sure", true));
        send("POST", path(bench, "/packages"), Map.of("text", pallet));
        assertThat(json(undo(bench, INES)).path("act").asString()).isEqualTo("added a package");
        assertThat(json(undo(bench, INES)).path("act").asString()).startsWith("typed the weight");
        JsonNode again = json(undo(bench, INES)).path("bench");
        assertThat(again.path("packages").toString())
                .isEqualTo(bench.path("packages").toString());
    }

    @Test
    void nobodyTakesBackWhatAnotherDidNorWhatHasLeft() {
        JsonNode bench = opened("CS-4", 1);
        JsonNode weighed = json(send("PUT", path(bench, "/packages/1/weight"), Map.of("text", "0.6")));
        assertThat(undo(bench, "tobin").getResponse().getStatus()).isEqualTo(409);
        assertThat(ship(weighed)).hasStatusOk();
        assertThat(undo(bench, INES)).hasStatus(HttpStatus.CONFLICT);
    }
}
