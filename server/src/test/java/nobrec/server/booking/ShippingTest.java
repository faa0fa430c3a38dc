package nobrec.server.booking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import nobrec.server.ServerTest;
import nobrec.server.StatementCount;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

class ShippingTest extends ServerTest {

    @Autowired
    private StatementCount count;

    @Test
    void fromTheRecordToTheBooks() {
        JsonNode bench = weighedJob("T-1", "Plover Ground");
        assertThat(bench.path("mayShip").asBoolean()).isTrue();
        assertThat(bench.path("offers")).hasSizeGreaterThanOrEqualTo(5);
        JsonNode shipped = json(ship(bench));
        assertThat(shipped.path("state").asString()).isEqualTo("SHIPPED");
        assertThat(shipped.path("shipped").path("by").asString()).isEqualTo("Ines Calloway");
        assertThat(shipped.path("papers")).hasSize(2);
        String tracking = shipped.path("packages").get(0).path("trackingNumber").asString();
        assertThat(tracking).startsWith("PV");
        await().untilAsserted(() -> assertThat(get("/api/v1/postings?job=T-1").path("rows"))
                .hasSize(4)
                .allMatch(row -> row.path("state").asString().equals("DONE")));
        assertThat(get("/api/v1/find?text=" + tracking).path("address").asString())
                .isEqualTo("/bench?job=T-1");
        assertThat(get("/api/v1/work-orders?text=T-1")
                        .path("rows")
                        .get(0)
                        .path("status")
                        .asString())
                .isEqualTo("SHIPPED");
    }

    @Test
    void linesOfEachOfferAddUpToTheCentAndTheOneAskedForIsChosen() {
        JsonNode bench = weighedJob("T-2", "Dunlin Two Day");
        for (JsonNode offer : bench.path("offers")) {
            if (offer.has("total")) {
                BigDecimal sum = BigDecimal.ZERO;
                for (JsonNode line : offer.path("lines")) {
                    sum = sum.add(
                            new BigDecimal(line.path("amount").path("amount").asString()));
                }
                assertThat(sum)
                        .isEqualTo(new BigDecimal(
                                offer.path("total").path("amount").asString()));
            } else {
                assertThat(offer.path("objections")).isNotEmpty();
            }
        }
        assertThat(chosen(bench).path("name").asString()).isEqualTo("Dunlin Two Day");
    }

    /** Besides these each transaction has three of its own (begin, commit, end) and the session two: sixty-seven in all. One of them asks for the job's own status, where rules on events were ever kept. The last of them is asked where a second passes: whether set-up has changed. */
    @Test
    void aShipActHasFewStatements() {
        JsonNode bench = weighedJob("T-10", "Plover Ground");
        int statements = count.of(() -> assertThat(ship(bench)).hasStatusOk());
        assertThat(statements).isLessThanOrEqualTo(58);
    }

    /** The last of them where a second passes, as above. */
    @Test
    void departuresAskFewQuestionsHoweverManyJobsThereAre() {
        get("/api/v1/departures");
        assertThat(count.of(() -> get("/api/v1/departures"))).isLessThanOrEqualTo(21);
    }

    @Test
    void theSecondActIsRefusedWithWhoWhenAndWhichNumber() {
        JsonNode bench = weighedJob("T-3", "Plover Ground");
        String tracking =
                json(ship(bench)).path("packages").get(0).path("trackingNumber").asString();
        MvcTestResult again = ship(bench, "tobin");
        assertThat(again).hasStatus(HttpStatus.CONFLICT);
        assertThat(json(again).path("detail").asString())
                .isEqualTo("It was shipped already, by Ines Calloway on Tue, Dec 1, 1:05 PM with " + tracking + ".");
    }

    @Test
    void ofManyAtTheSameMomentOneShips() {
        JsonNode bench = weighedJob("T-4", "Plover Ground");
        List<CompletableFuture<MvcTestResult>> acts = Stream.of("ines", "tobin", "ines", "tobin", "ines", "tobin")
                .map(who -> CompletableFuture.supplyAsync(() -> ship(bench, who)))
                .toList();
        List<Integer> answers =
                acts.stream().map(act -> act.join().getResponse().getStatus()).toList();
        assertThat(answers).containsOnlyOnce(200).containsOnly(200, 409);
        assertThat(consignmentsOf("T-4")).isEqualTo(1);
    }

    private static long consignmentsOf(String job) {
        return Consignments.count(standIns().httpPort(), "plover", job);
    }

    @Test
    void whatIsNotReadyIsRefusedInWords() {
        MvcTestResult notWeighed = ship(newJob("T-5", "Plover Ground"));
        assertThat(notWeighed).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(json(notWeighed).path("detail").asString()).isEqualTo("Package 1 is not weighed.");
    }

    @Test
    void aPriceThatChangedSinceSheLookedIsNotShippedAt() {
        JsonNode seen = weighedJob("T-6", "Plover Ground");
        send(
                "PUT",
                "/api/v1/shipments/" + seen.path("id").asLong() + "/packages/1/weight",
                Map.of("text", "30 lb", "sure", true));
        MvcTestResult refused = ship(seen);
        assertThat(refused).hasStatus(HttpStatus.CONFLICT);
        assertThat(json(refused).path("detail").asString())
                .contains("not at " + chosen(seen).path("total").path("amount").asString());
    }

    @Test
    void offersFollowWeightCartonAndSizeAndAPreviewKeepsNothing() {
        JsonNode bench = newJob("T-7", "Plover Ground");
        String address = "/api/v1/shipments/" + bench.path("id").asLong();
        String before = chosen(bench).path("total").path("amount").asString();
        JsonNode preview = json(send("POST", address + "/packages/1/weight-preview", Map.of("text", "12 lb")));
        assertThat(chosen(preview).path("total").path("amount").asString()).isNotEqualTo(before);
        assertThat(chosen(get("/api/v1/shipments?job=T-7"))
                        .path("total")
                        .path("amount")
                        .asString())
                .isEqualTo(before);
        JsonNode large = json(send("PUT", address + "/packages/1/carton", Map.of("text", "C3")));
        assertThat(chosen(large).path("lines").get(0).path("explanation").asString())
                .startsWith("Size counts");
        JsonNode measured = json(send("PUT", address + "/packages/1/size", Map.of("text", "6x6x6")));
        assertThat(measured.path("packages").get(0).path("size").path("text").asString())
                .isEqualTo("6 × 6 × 6 in");
        assertThat(send("PUT", address + "/packages/1/weight", Map.of("text", "heavy")))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(send("PUT", address + "/packages/9/weight", Map.of("text", "1")))
                .hasStatus(HttpStatus.NOT_FOUND);
        assertThat(send("PUT", address + "/packages/1/carton", Map.of("text", "X9")))
                .hasStatus(HttpStatus.NOT_FOUND);
    }

    @Test
    void whatWasShippedIsNeverChangedAgain() {
        JsonNode bench = weighedJob("T-8", "Plover Ground");
        ship(bench);
        String address = "/api/v1/shipments/" + bench.path("id").asLong();
        assertThat(send("PUT", address + "/packages/1/weight", Map.of("text", "9")))
                .hasStatus(HttpStatus.CONFLICT);
        assertThat(send("PUT", address + "/service", Map.of("text", "DUN-ONE"))).hasStatus(HttpStatus.CONFLICT);
        assertThat(send("PUT", address + "/phone", Map.of("text", "6085550142")))
                .hasStatus(HttpStatus.CONFLICT);
        JsonNode kept = get("/api/v1/shipments?job=T-8");
        assertThat(chosen(kept).path("total")).isEqualTo(chosen(bench).path("total"));
        assertThat(chosen(kept).path("lines")).isEqualTo(chosen(bench).path("lines"));
        assertThat(kept.path("charge").path("total"))
                .isEqualTo(bench.path("charge").path("total"));
    }

    @Test
    void aMissingPhoneIsCorrectedInPlace() {
        JsonNode bench = weighedJob("T-9", "Dunlin Two Day");
        String address = "/api/v1/shipments/" + bench.path("id").asLong();
        JsonNode corrected = json(send("PUT", address + "/phone", Map.of("text", "608 555 0199")));
        assertThat(corrected.path("shipTo").path("phone").asString()).isEqualTo("(608) 555-0199");
        JsonNode moved = json(send(
                "PUT",
                address + "/ship-to",
                Map.of(
                        "company",
                        "Quillfeather",
                        "person",
                        "",
                        "street",
                        "1 Road",
                        "street2",
                        "",
                        "city",
                        "Seattle",
                        "state",
                        "WA",
                        "postalCode",
                        "98101",
                        "country",
                        "usa")));
        assertThat(chosen(moved).path("lines").get(0).path("explanation").asString())
                .contains("zone 7");
    }
}
