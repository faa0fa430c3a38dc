package nobrec.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.JsonNode;

/** A job of which pieces are missing: what is ready goes and the rest keeps its place, or all of it waits. */
class ShortJobsTest extends ServerTest {

    private void bringInShort(String job, int ordered, int ready, String promise) {
        drop(job + ".csv", """
                Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Promise,Item,Qty,Qty Ready,Unit Wt lb
                %s,Teal Reach,Teal Reach LLC,3 Fen Street,Madison,WI,53703,US,Plover Ground,%s,SJ-A,%d,%d,0.5
                """.formatted(job, promise, ordered, ready).getBytes(StandardCharsets.UTF_8));
    }

    private List<String> choose(String job, String choice) {
        return StreamSupport.stream(
                        json(send(
                                        "POST",
                                        "/api/v1/work-orders/short-choices",
                                        Map.of("jobs", List.of(job), "choice", choice)))
                                .path("refused")
                                .spliterator(),
                        false)
                .map(each -> each.path("reason").asString())
                .toList();
    }

    private JsonNode bench(String job) {
        return get("/api/v1/shipments?job=" + job);
    }

    /** All but that it has not been weighed. */
    private static List<String> stops(JsonNode bench) {
        return bench.path("checks")
                .valueStream()
                .filter(check -> check.path("verdict").asString().equals("STOP"))
                .map(check -> check.path("correctedIn").asString())
                .filter(where -> !where.equals("WEIGHT"))
                .toList();
    }

    private static int going(JsonNode bench) {
        return bench.path("lines").get(0).path("quantity").asInt();
    }

    private List<String> listed(String job) {
        return get("/api/v1/attention?kind=SHORT")
                .path("rows")
                .valueStream()
                .filter(row -> row.path("job").asString().equals(job))
                .map(row -> row.path("reason").asString())
                .toList();
    }

    private JsonNode ship(String job) {
        long id = openedId(job);
        send("PUT", "/api/v1/shipments/" + id + "/packages/1/weight", Map.of("text", "2.4", "sure", true));
        JsonNode offer = chosen(bench(job));
        return json(send(
                "POST",
                "/api/v1/shipments/" + id + "/ship",
                Map.of(
                        "service",
                        offer.path("service").asString(),
                        "total",
                        offer.path("total").path("amount").asString())));
    }

    private long openedId(String job) {
        return json(send("POST", "/api/v1/shipments", Map.of("job", job)))
                .path("id")
                .asLong();
    }

    @Test
    void nothingGoesUntilSomebodyHasDecided() {
        bringInShort("SJ-1", 6, 4, "2026-12-04");
        assertThat(stops(bench("SJ-1"))).containsExactly("READY_PIECES");
        assertThat(listed("SJ-1")).containsExactly("Ready: 4 of 6 SJ-A.");
        assertThat(going(bench("SJ-1"))).isEqualTo(6);
    }

    @Test
    void whatIsReadyGoesAndTheRestKeepsItsPlace() {
        bringInShort("SJ-2", 6, 4, "2026-12-02");
        bringInShort("SJ-3", 2, 2, "2026-12-03");
        openedId("SJ-2");
        assertThat(choose("SJ-2", "SHIP_READY")).isEmpty();
        assertThat(going(bench("SJ-2"))).as("the open shipment follows").isEqualTo(4);
        assertThat(stops(bench("SJ-2"))).isEmpty();
        assertThat(listed("SJ-2")).isEmpty();
        assertThat(ship("SJ-2").path("state").asString()).isEqualTo("SHIPPED");
        assertThat(listed("SJ-2")).containsExactly("4 have left, and the rest keeps its place. Ready: 4 of 6 SJ-A.");
        assertThat(send("POST", "/api/v1/shipments", Map.of("job", "SJ-2")))
                .as("nothing of the rest is ready")
                .hasStatus(HttpStatus.CONFLICT);
        assertThat(get("/api/v1/work-orders?number=SJ-&sort=promised")
                        .path("rows")
                        .valueStream()
                        .map(row -> row.path("number").asString())
                        .filter(List.of("SJ-2", "SJ-3")::contains))
                .containsExactly("SJ-2", "SJ-3");
        send(
                "PUT",
                "/api/v1/work-orders/one/entries?job=SJ-2",
                Map.of("entries", List.of(Map.of("field", "QUANTITY_READY", "line", 1, "before", "4", "text", "6"))));
        assertThat(listed("SJ-2")).isEmpty();
        assertThat(json(send("POST", "/api/v1/shipments", Map.of("job", "SJ-2")))
                        .path("lines")
                        .get(0)
                        .path("quantity")
                        .asInt())
                .isEqualTo(2);
        assertThat(ship("SJ-2").path("state").asString()).isEqualTo("SHIPPED");
        assertThat(database.queryForObject("SELECT status FROM work_order WHERE number = 'SJ-2'", String.class))
                .isEqualTo("SHIPPED");
    }

    @Test
    void whatWaitsIsStoppedUntilAllIsReadyOrItIsDecidedOtherwise() {
        bringInShort("SJ-4", 5, 1, "2026-12-04");
        assertThat(choose("SJ-4", "WAIT")).isEmpty();
        assertThat(stops(bench("SJ-4"))).containsExactly("READY_PIECES");
        assertThat(listed("SJ-4")).containsExactly("It waits for the rest. Ready: 1 of 5 SJ-A.");
        assertThat(choose("SJ-4", "SHIP_READY")).isEmpty();
        assertThat(stops(bench("SJ-4"))).isEmpty();
        assertThat(going(bench("SJ-4"))).isEqualTo(1);
    }

    @Test
    void ofWhichNothingIsMissingOrNothingIsReadyIsSaid() {
        bringInShort("SJ-5", 3, 3, "2026-12-04");
        assertThat(choose("SJ-5", "WAIT")).containsExactly("Nothing of it is missing.");
        bringInShort("SJ-6", 3, 0, "2026-12-04");
        assertThat(choose("SJ-6", "SHIP_READY")).isEmpty();
        assertThat(listed("SJ-6")).hasSize(1);
        assertThat(send("POST", "/api/v1/shipments", Map.of("job", "SJ-6"))).hasStatus(HttpStatus.CONFLICT);
    }
}
