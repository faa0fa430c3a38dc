package nobrec.server.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.JsonNode;

/** A job whose lines go to two places is two shipments, one after the other. */
class LinesElsewhereTest extends ServerTest {

    private void bringIn(String job) {
        drop(job + ".csv", """
                Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Promise,Item,Qty,Unit Wt lb
                %1$s,Rill Works,Rill Works LLC,3 Fen Street,Madison,WI,53703,US,Plover Ground,2026-12-09,LE-A,4,0.5
                %1$s,,Rill Annex LLC,70 Quarry Road,Tucson,AZ,85701,US,,,LE-B,2,0.5
                """.formatted(job).getBytes(StandardCharsets.UTF_8));
    }

    private JsonNode open(String job) {
        return json(send("POST", "/api/v1/shipments", Map.of("job", job)));
    }

    private static List<String> going(JsonNode bench) {
        return bench.path("lines")
                .valueStream()
                .filter(line -> line.path("quantity").asInt() > 0)
                .map(line -> line.path("item").asString())
                .toList();
    }

    private JsonNode shipped(JsonNode bench) {
        JsonNode weighed = json(send(
                "PUT",
                "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/weight",
                Map.of("text", "2.4", "sure", true)));
        assertThat(ship(weighed)).hasStatusOk();
        return weighed;
    }

    @Test
    void eachPlaceHasItsShipmentItsPriceAndItsLabel() {
        bringIn("LE-1");
        JsonNode first = open("LE-1");
        assertThat(first.path("shipTo").path("city").asString()).isEqualTo("Madison");
        assertThat(going(first)).containsExactly("LE-A");
        JsonNode stays = first.path("lines").get(1);
        assertThat(stays.path("elsewhere").asString()).isEqualTo("Rill Annex LLC, Tucson, AZ 85701");
        assertThat(send(
                        "POST",
                        "/api/v1/shipments/" + first.path("id").asLong() + "/taken-back",
                        Map.of("line", stays.path("id").asLong(), "quantity", 1)))
                .as("it goes elsewhere")
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        shipped(first);

        JsonNode second = open("LE-1");
        assertThat(second.path("shipTo").path("city").asString()).isEqualTo("Tucson");
        assertThat(going(second)).containsExactly("LE-B");
        assertThat(chosen(second).path("total"))
                .as("another zone")
                .isNotEqualTo(chosen(first).path("total"));
        shipped(second);
        assertThat(database.queryForList(
                        "SELECT request FROM outbox WHERE target = 'PLOVER' AND subject_name = 'LE-1'", String.class))
                .anyMatch(request -> request.contains("70 Quarry Rd") || request.contains("70 Quarry Road"))
                .anyMatch(request -> request.contains("3 Fen St"));
        assertThat(database.queryForObject("SELECT status FROM work_order WHERE number = 'LE-1'", String.class))
                .isEqualTo("SHIPPED");
    }

    @Test
    void theOtherPlaceIsCheckedAndCorrectedInItsOwnField() {
        bringIn("LE-2");
        assertThat(send(
                        "PUT",
                        "/api/v1/work-orders/one/entries?job=LE-2",
                        Map.of(
                                "entries",
                                List.of(Map.of(
                                        "field",
                                        "LINE_SHIP_TO",
                                        "line",
                                        2,
                                        "text",
                                        "Rill Annex LLC;;70 Quarry Road;;Tucson;NV;85701;US")))))
                .hasStatusOk();
        List<JsonNode> rows = get("/api/v1/attention?kind=ADDRESS")
                .path("rows")
                .valueStream()
                .filter(row -> row.path("job").asString().equals("LE-2"))
                .toList();
        assertThat(rows).singleElement().satisfies(row -> {
            assertThat(row.path("field").path("field").asString()).isEqualTo("LINE_SHIP_TO");
            assertThat(row.path("reason").asString()).startsWith("LE-B goes elsewhere. ");
        });
        shipped(open("LE-2"));
        long second = open("LE-2").path("id").asLong();
        JsonNode corrected = json(send(
                "PUT",
                "/api/v1/shipments/" + second + "/ship-to",
                Map.of(
                        "company", "Rill Annex LLC",
                        "person", "",
                        "street", "70 Quarry Road",
                        "street2", "",
                        "city", "Tucson",
                        "state", "AZ",
                        "postalCode", "85701",
                        "country", "US",
                        "kind", "RESIDENCE")));
        assertThat(corrected.path("shipTo").path("state").asString()).isEqualTo("AZ");
        assertThat(corrected.path("shipTo").path("kind").asString()).isEqualTo("RESIDENCE");
        assertThat(get("/api/v1/work-orders/one?job=LE-2").toString()).contains("3 Fen St");
    }
}
