package nobrec.server.departure;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.JsonNode;

/** Our sites: each has its departures, and a shop looks at one or at all. */
class SitesTest extends ServerTest {

    @AfterEach
    void lookHome() {
        look("ROCKFORD");
    }

    private void look(String site) {
        assertThat(send("PUT", "/api/v1/who/site", Map.of("site", site))).hasStatus(HttpStatus.NO_CONTENT);
    }

    private void bringTo(String job, String site) {
        drop(job + ".csv", """
                Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Promise,Item,Qty,Unit Wt lb
                %s,Coot Marine,Coot Marine LLC,3 Fen Street,Madison,WI,53703,US,Plover Ground,2026-12-02,SI-A,4,0.5
                """.formatted(job).getBytes(StandardCharsets.UTF_8));
        database.update("UPDATE work_order SET site_code = ? WHERE number = ?", site, job);
    }

    private List<String> jobs() {
        return get("/api/v1/departures/jobs?limit=500")
                .path("rows")
                .valueStream()
                .map(row -> row.path("job").asString())
                .filter(job -> job.startsWith("SI-"))
                .toList();
    }

    @Test
    void aJobIsOnTheDeparturesOfTheSiteItLeaves() {
        bringTo("SI-1", "BELOIT");
        bringTo("SI-2", "ROCKFORD");
        assertThat(jobs()).containsExactly("SI-2");
        look("BELOIT");
        assertThat(jobs()).containsExactly("SI-1");
        JsonNode board = get("/api/v1/departures");
        assertThat(board.path("site").asString()).isEqualTo("Marrowby Cylinder & Seal, Beloit");
        assertThat(board.path("pickups")
                        .valueStream()
                        .map(each -> each.path("cutOff").asString()))
                .as("three drivers, and a counter to which we go")
                .containsExactly("13:20:00", "15:40:00", "16:20:00", "16:50:00");
        look("ALL");
        assertThat(jobs()).containsExactlyInAnyOrder("SI-1", "SI-2");
        assertThat(get("/api/v1/departures")
                        .path("pickups")
                        .valueStream()
                        .map(each -> each.path("site").asString()))
                .contains("Rockford", "Beloit");
    }

    @Test
    void oneShipmentLeavesFromAnotherSiteAndItsPriceFollows() {
        bringTo("SI-3", "ROCKFORD");
        long id = json(send("POST", "/api/v1/shipments", Map.of("job", "SI-3")))
                .path("id")
                .asLong();
        JsonNode there = json(send("PUT", "/api/v1/shipments/" + id + "/site", Map.of("text", "BELOIT")));
        assertThat(there.path("site").asString()).isEqualTo("BELOIT");
        assertThat(there.path("offers")
                        .valueStream()
                        .filter(offer -> offer.path("name").asString().startsWith("Godwit"))
                        .map(offer -> offer.path("objections").toString()))
                .as("Godwit does not come to Beloit")
                .isNotEmpty()
                .allMatch(said -> said.contains("NO_PICKUP"));
        assertThat(jobs()).doesNotContain("SI-3");
        look("BELOIT");
        assertThat(jobs()).contains("SI-3");
        assertThat(send("PUT", "/api/v1/shipments/" + id + "/site", Map.of("text", "NOWHERE")))
                .hasStatus(HttpStatus.NOT_FOUND);
    }
}
