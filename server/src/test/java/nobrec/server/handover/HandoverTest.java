package nobrec.server.handover;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.http.Behavior;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** What a driver takes is what was scanned, once, and with no other driver. */
class HandoverTest extends ServerTest {

    @Autowired
    private OutboxWorker worker;

    /** Nothing of other tests waits for this driver. */
    @BeforeEach
    void nothingWaits() {
        worker.run();
        database.update("UPDATE package p JOIN shipment s ON s.id = p.shipment_id SET p.handover_id = 0"
                + " WHERE s.state = 'SHIPPED' AND p.handover_id IS NULL");
        database.update("UPDATE handover SET state = 'CLOSED'");
    }

    private String site() {
        return database.queryForObject("SELECT code FROM site ORDER BY id LIMIT 1", String.class);
    }

    private String at(String carrier) {
        return "/api/v1/handovers/" + site() + "/" + carrier;
    }

    private JsonNode shipped(String job) {
        return shipped(job, "Godwit Parcel");
    }

    private JsonNode shipped(String job, String service) {
        return json(ship(weighedJob(job, service)));
    }

    private static String number(JsonNode bench) {
        return bench.path("packages").get(0).path("trackingNumber").asString();
    }

    private JsonNode scan(String carrier, String text) {
        return json(send("POST", at(carrier) + "/scans", Map.of("text", text)));
    }

    private MvcTestResult close(String carrier, int packages) {
        return send(
                "POST",
                at(carrier) + "/closing",
                Map.of("leavesBy", "PICKUP", "driver", "Wren Tarrow", "packages", packages));
    }

    /** Brought to the counter: that is what the manifest, the package and the list say. */
    @Test
    void whatIsDroppedOffIsSaidToBe() {
        JsonNode gone = shipped("HO-96");
        scan("GODWIT", number(gone));
        JsonNode closed = json(send(
                "POST",
                at("GODWIT") + "/closing",
                Map.of("leavesBy", "DROP_OFF", "driver", "Rufus Lindqvist", "packages", 1)));
        JsonNode manifest = closed.path("closed").get(0);
        assertThat(manifest.path("leavesBy").asString()).isEqualTo("DROP_OFF");
        assertThat(paperText(manifest.path("paper").asString()))
                .contains("Rufus Lindqvist", "Brought by")
                .doesNotContain("Driver, in print");
        assertThat(get("/api/v1/shipments?job=HO-96")
                        .path("shipped")
                        .path("handedOver")
                        .asString())
                .contains("Dropped off at Godwit Post", "by Rufus Lindqvist");
        assertThat(send("POST", at("GODWIT") + "/closing", Map.of("driver", "", "packages", 1)))
                .as("nobody says how")
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(get("/api/v1/handovers/BELOIT/WHIMBREL").path("by").asString())
                .isEqualTo("DROP_OFF");
        assertThat(get("/api/v1/handovers/BELOIT/PLOVER").path("by").asString()).isEqualTo("PICKUP");
    }

    private static String verdict(JsonNode view) {
        return view.path("scan").path("verdict").asString();
    }

    @Test
    void whatIsScannedGoesAndWhatIsMissingIsNamed() {
        JsonNode first = shipped("HO-1");
        JsonNode second = shipped("HO-2");
        JsonNode view = get(at("GODWIT"));
        assertThat(view.path("waiting").asInt()).isEqualTo(2);
        view = scan("GODWIT", number(first).toLowerCase().replaceAll("(.{4})", "$1 "));
        assertThat(verdict(view)).isEqualTo("TAKEN");
        assertThat(view.path("inside").asInt()).isOne();
        assertThat(view.path("missing").get(0).path("job").asString()).isEqualTo("HO-2");
        assertThat(verdict(scan("GODWIT", number(first)))).isEqualTo("ALREADY_IN");
        assertThat(verdict(scan("GODWIT", number(first) + number(second)))).isEqualTo("UNKNOWN");
        assertThat(verdict(scan("GODWIT", "HO-2"))).isEqualTo("UNKNOWN");
        assertThat(close("GODWIT", 2)).as("another count than was seen").hasStatus(HttpStatus.CONFLICT);
        JsonNode closed = json(close("GODWIT", 1));
        JsonNode manifest = closed.path("closed").get(0);
        assertThat(manifest.path("state").asString()).isEqualTo("CLOSED");
        assertThat(manifest.path("manifest").asString()).startsWith("GODWIT-M");
        assertThat(manifest.path("driver").asString()).isEqualTo("Wren Tarrow");
        String text = paperText(manifest.path("paper").asString());
        assertThat(text).contains("Manifest: Godwit Post", number(first), "HO-1", "Wren Tarrow", "Signature");
        assertThat(text).doesNotContain(number(second));
        JsonNode gone = get("/api/v1/shipments?job=HO-1").path("shipped");
        assertThat(gone.path("handedOver").asString()).contains("Godwit Post", "Wren Tarrow", "GODWIT-M");
        assertThat(send("POST", "/api/v1/shipments/" + first.path("id").asLong() + "/void", Map.of()))
                .as("what a driver has")
                .hasStatus(HttpStatus.CONFLICT);
        // A late one is a supplement.
        view = scan("GODWIT", number(second));
        assertThat(verdict(view)).isEqualTo("TAKEN");
        assertThat(view.path("supplement").asInt()).isGreaterThan(0);
        assertThat(verdict(scan("GODWIT", number(first)))).isEqualTo("GONE_BEFORE");
    }

    @Test
    void whatDoesNotGoSaysWhatItIs() {
        JsonNode other = shipped("HO-11", "Plover Ground");
        JsonNode void1 = shipped("HO-12");
        send("POST", "/api/v1/shipments/" + void1.path("id").asLong() + "/void", Map.of());
        JsonNode asked = shipped("HO-13");
        standIns().behave("godwit", Behavior.LOSE_ANSWER);
        send("POST", "/api/v1/shipments/" + asked.path("id").asLong() + "/void", Map.of());
        allAnswerAgain();
        assertThat(verdict(scan("GODWIT", number(other)))).isEqualTo("OTHER_CARRIER");
        assertThat(verdict(scan("GODWIT", number(void1)))).isEqualTo("VOID");
        assertThat(verdict(scan("GODWIT", number(asked)))).isEqualTo("BEING_VOIDED");
        assertThat(verdict(scan("GODWIT", "<script>"))).isEqualTo("UNKNOWN");
        assertThat(get(at("GODWIT")).path("inside").asInt()).isZero();
        assertThat(send("POST", at("GODWIT") + "/scans", Map.of("text", "x".repeat(200))))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(send("POST", at("GODWIT") + "/scans", Map.of("text", "x"), "odette", "BOOKKEEPER"))
                .hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("POST", at("NOBODY") + "/scans", Map.of("text", "x"))).hasStatus(HttpStatus.NOT_FOUND);
    }

    /** One that is voided after it was scanned in is in no handover any more. */
    @Test
    void aVoidTakesAPackageOutOfAnOpenHandover() {
        JsonNode bench = shipped("HO-21");
        scan("GODWIT", number(bench));
        send("POST", "/api/v1/shipments/" + bench.path("id").asLong() + "/void", Map.of());
        assertThat(get(at("GODWIT")).path("inside").asInt()).isZero();
        assertThat(close("GODWIT", 1)).hasStatus(HttpStatus.CONFLICT);
    }

    @Test
    void twoWhoScanAndTwoWhoCloseDoItOnce() throws Exception {
        List<String> numbers = List.of(number(shipped("HO-31")), number(shipped("HO-32")), number(shipped("HO-33")));
        ExecutorService people = Executors.newFixedThreadPool(2);
        try {
            Callable<List<String>> scanner = () ->
                    numbers.stream().map(each -> verdict(scan("GODWIT", each))).toList();
            List<Future<List<String>>> scans = people.invokeAll(List.of(scanner, scanner));
            List<String> one = scans.get(0).get();
            List<String> two = scans.get(1).get();
            for (int index = 0; index < numbers.size(); index++) {
                assertThat(List.of(one.get(index), two.get(index))).containsExactlyInAnyOrder("TAKEN", "ALREADY_IN");
            }
            Callable<Integer> closer = () -> close("GODWIT", 3).getResponse().getStatus();
            List<Future<Integer>> closings = people.invokeAll(List.of(closer, closer));
            assertThat(List.of(closings.get(0).get(), closings.get(1).get())).containsExactlyInAnyOrder(200, 409);
        } finally {
            people.shutdownNow();
        }
    }

    /** The driver does not wait for the carrier's answer: our manifest is there; nothing can be voided or added meanwhile. */
    @Test
    void aSilentCarrierIsAskedAgainForOneManifest() {
        JsonNode bench = shipped("HO-41");
        JsonNode late = shipped("HO-42");
        scan("GODWIT", number(bench));
        standIns().behave("godwit", Behavior.LOSE_ANSWER);
        assertThat(close("GODWIT", 1)).hasStatusOk();
        standIns().behave("godwit", Behavior.NORMAL);
        JsonNode newest = get("/api/v1/handovers/past?limit=1").path("rows").get(0);
        assertThat(newest.path("state").asString()).isEqualTo("CLOSING");
        assertThat(newest.path("paper").asString()).isNotEmpty();
        assertThat(send("POST", "/api/v1/shipments/" + bench.path("id").asLong() + "/void", Map.of()))
                .hasStatus(HttpStatus.CONFLICT);
        assertThat(send("POST", at("GODWIT") + "/scans", Map.of("text", number(late))))
                .hasStatus(HttpStatus.CONFLICT);
        clock.pass(Duration.ofMinutes(6));
        Awaitility.await().atMost(Duration.ofSeconds(20)).untilAsserted(() -> {
            worker.run();
            JsonNode closed = get("/api/v1/handovers/past?limit=1").path("rows").get(0);
            assertThat(closed.path("state").asString()).isEqualTo("CLOSED");
            assertThat(closed.path("manifest").asString()).startsWith("GODWIT-M");
        });
    }

    /** The carrier has it void, and we do not know: it refuses the manifest, and the handover is open again. */
    @Test
    void aRefusedManifestOpensTheHandoverAgain() {
        JsonNode bench = shipped("HO-51");
        scan("GODWIT", number(bench));
        database.update(
                "UPDATE package SET tracking_number = 'GP999999999US' WHERE tracking_number = ?", number(bench));
        assertThat(close("GODWIT", 1)).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        JsonNode view = get(at("GODWIT"));
        assertThat(view.path("state").asString()).isEqualTo("OPEN");
        assertThat(view.path("refused").asString()).contains("GP999999999US");
        assertThat(send("POST", at("GODWIT") + "/taken-out", Map.of("text", "GP999999999US")))
                .hasStatusOk();
        assertThat(get(at("GODWIT")).path("inside").asInt()).isZero();
    }

    @Test
    void whatWasLeftOpenIsBroughtUpTheNextDay() {
        JsonNode bench = shipped("HO-61");
        scan("GODWIT", number(bench));
        clock.pass(Duration.ofDays(1));
        assertThat(get("/api/v1/departures").path("stuck"))
                .anyMatch(thing -> thing.path("thing").asString().contains("Handover to Godwit Post"));
        assertThat(newJob("HO-62", "Godwit Parcel").path("openHandover").asString())
                .contains("Godwit Post");
        assertThat(get(at("GODWIT")).path("overdue").asBoolean()).isTrue();
        JsonNode moved = json(send("POST", at("GODWIT") + "/today", Map.of()));
        assertThat(moved.path("overdue").asBoolean()).isFalse();
        assertThat(moved.path("inside").asInt()).isOne();
        assertThat(send("POST", at("GODWIT") + "/today", Map.of())).hasStatus(HttpStatus.CONFLICT);
    }

    @Test
    void allThatWaitsGoesByOneActWhereTheShopAllowsIt() {
        shipped("HO-71");
        shipped("HO-72");
        JsonNode view = json(send("POST", at("GODWIT") + "/all", Map.of()));
        assertThat(view.path("inside").asInt()).isEqualTo(2);
        assertThat(view.path("waiting").asInt()).isZero();
    }
}
