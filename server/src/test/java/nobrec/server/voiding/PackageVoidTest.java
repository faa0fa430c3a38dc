package nobrec.server.voiding;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.http.Behavior;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** One package of several is void: the rest stays as it left and costs what it costs alone; the package is on the bench again. */
class PackageVoidTest extends ServerTest {

    @Autowired
    private OutboxWorker worker;

    /** Five pieces: three, one and one, each package weighed. */
    private JsonNode threePackages(String job, String service) {
        bringIn(job, service);
        JsonNode open = json(send("POST", "/api/v1/shipments", Map.of("job", job)));
        String address = "/api/v1/shipments/" + open.path("id").asLong();
        long line = open.path("lines").get(0).path("id").asLong();
        for (int number = 2; number <= 3; number++) {
            act(address + "/packages", Map.of("text", "C1"));
            act(address + "/moves", Map.of("from", 1, "to", number, "line", line, "quantity", 1));
        }
        JsonNode bench = open;
        for (int number = 1; number <= 3; number++) {
            bench = json(send(
                    "PUT", address + "/packages/" + number + "/weight", Map.of("text", number == 1 ? "1.6" : "0.6")));
        }
        return bench;
    }

    private void act(String address, Map<String, Object> body) {
        assertThat(send("POST", address, body)).hasStatusOk();
    }

    private JsonNode gone(String job, String service) {
        JsonNode gone = json(ship(threePackages(job, service)));
        assertThat(gone.path("state").asString()).isEqualTo("SHIPPED");
        toldOf(gone);
        return gone;
    }

    /** Its slip is drawn and its write-backs are under way, by whichever thread. */
    private void toldOf(JsonNode bench) {
        Awaitility.await().atMost(Duration.ofSeconds(20)).untilAsserted(() -> {
            worker.run();
            assertThat(states(bench, "PAPERS")).isEmpty();
            assertThat(states(bench, "WRITE_BACKS")).isEmpty();
        });
    }

    private MvcTestResult makeVoid(JsonNode bench, int number) {
        return send(
                "POST", "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/" + number + "/void", Map.of());
    }

    private JsonNode byId(JsonNode bench) {
        return json(send("POST", "/api/v1/shipments/" + bench.path("id").asLong() + "/carrier-question", Map.of()));
    }

    private static BigDecimal cost(JsonNode bench) {
        return bench.path("offers").get(0).path("total").path("amount").asDecimal();
    }

    private List<String> states(JsonNode bench, String kind) {
        return database.queryForList(
                "SELECT state FROM outbox WHERE kind = ? AND subject_id = ? ORDER BY id",
                String.class,
                kind,
                bench.path("id").asLong());
    }

    private static String tracking(JsonNode bench, int index) {
        return bench.path("packages").get(index).path("trackingNumber").asString();
    }

    @Test
    void thePackageIsOnTheBenchAgainAndTheRestIsToldOfOnce() {
        JsonNode gone = gone("T-95", "Plover Ground");
        String number = tracking(gone, 1);
        JsonNode rest = json(makeVoid(gone, 2));
        assertThat(rest.path("state").asString()).isEqualTo("SHIPPED");
        assertThat(rest.path("packages")).hasSize(2);
        assertThat(tracking(rest, 0)).isEqualTo(tracking(gone, 0));
        assertThat(rest.path("packages").get(1).path("number").asInt()).isEqualTo(3);
        assertThat(rest.path("voided").path("text").asString()).contains("package 2", number, "Ines");
        assertThat(cost(rest)).isPositive().isLessThan(cost(gone));

        JsonNode bench = get("/api/v1/shipments?job=T-95");
        assertThat(bench.path("state").asString()).isEqualTo("OPEN");
        assertThat(bench.path("id").asLong()).isNotEqualTo(gone.path("id").asLong());
        assertThat(bench.path("packages")).hasSize(1);
        assertThat(bench.path("packages").get(0).path("contents"))
                .isEqualTo(gone.path("packages").get(1).path("contents"));
        assertThat(bench.path("packages").get(0).path("weight"))
                .isEqualTo(gone.path("packages").get(1).path("weight"));
        assertThat(bench.path("voided").path("text").asString())
                .contains("package 2", "other packages have gone", number);

        Awaitility.await().atMost(Duration.ofSeconds(20)).untilAsserted(() -> {
            clock.pass(Duration.ofMinutes(6));
            worker.run();
            assertThat(states(gone, "INVOICE")).containsExactly("REVERSED", "DONE");
            assertThat(states(gone, "SOURCE")).containsExactly("REVERSED", "DONE");
            assertThat(states(gone, "JOURNAL")).containsExactly("REVERSED", "DONE");
            assertThat(byId(gone).path("papers")).hasSize(3);
        });
        assertThat(database.queryForObject(
                        "SELECT request FROM outbox WHERE kind = 'INVOICE' AND state = 'DONE' AND subject_id = ?",
                        String.class,
                        gone.path("id").asLong()))
                .contains(tracking(gone, 0), tracking(gone, 2))
                .doesNotContain(number);
        assertThat(get("/api/v1/find?text=" + number).path("said").asString()).contains("is void", "T-95");

        JsonNode again = json(ship(bench));
        assertThat(again.path("state").asString()).isEqualTo("SHIPPED");
        assertThat(again.path("packages")).hasSize(1);
        assertThat(makeVoid(again, 1)).as("the only one").hasStatus(HttpStatus.CONFLICT);
    }

    @Test
    void oneAfterTheOtherUntilTheLastWhichIsTheShipment() {
        JsonNode gone = gone("PV-1", "Plover Ground");
        assertThat(makeVoid(gone, 4)).hasStatus(HttpStatus.NOT_FOUND);
        assertThat(makeVoid(gone, 1)).hasStatusOk();
        toldOf(gone);
        assertThat(makeVoid(gone, 1)).as("it is not in it any more").hasStatus(HttpStatus.NOT_FOUND);
        assertThat(json(makeVoid(gone, 3)).path("packages")).hasSize(1);
        toldOf(gone);
        assertThat(makeVoid(gone, 2)).as("the last").hasStatus(HttpStatus.CONFLICT);
        JsonNode open = json(send("POST", "/api/v1/shipments/" + gone.path("id").asLong() + "/void", Map.of()));
        assertThat(open.path("state").asString()).isEqualTo("OPEN");
        assertThat(pieces("PV-1")).as("pieces that are here again").isZero();
    }

    /** Pieces of a job that have left. */
    private int pieces(String job) {
        return database.queryForObject(
                "SELECT SUM(l.quantity_shipped) FROM work_order_line l JOIN work_order w ON w.id = l.work_order_id WHERE w.number = ?",
                Integer.class,
                job);
    }

    /** The package holds another job than the shipment was opened for, and the rest of that one stands on the bench. */
    @Test
    void aJobHasOneOpenShipmentWhoseverPackageComesBack() {
        bringIn("PV-5", "Plover Ground");
        bringIn("PV-6", "Plover Ground");
        JsonNode open = json(send("POST", "/api/v1/shipments", Map.of("job", "PV-5")));
        String address = "/api/v1/shipments/" + open.path("id").asLong();
        JsonNode both = json(send("POST", address + "/jobs", Map.of("job", "PV-6")));
        long line = both.path("lines")
                .valueStream()
                .mapToLong(each -> each.path("id").asLong())
                .max()
                .orElseThrow();
        act(address + "/left-behind", Map.of("line", line, "quantity", 3));
        act(address + "/packages", Map.of("text", "C1"));
        act(address + "/moves", Map.of("from", 1, "to", 2, "line", line, "quantity", 2));
        send("PUT", address + "/packages/1/weight", Map.of("text", "2.6", "sure", true));
        JsonNode weighed = json(send("PUT", address + "/packages/2/weight", Map.of("text", "1.1", "sure", true)));
        JsonNode gone = json(ship(weighed));
        toldOf(gone);
        assertThat(json(send("POST", "/api/v1/shipments", Map.of("job", "PV-6")))
                        .path("packages")
                        .get(0)
                        .path("contents")
                        .get(0)
                        .path("quantity")
                        .asInt())
                .as("the rest")
                .isEqualTo(3);
        assertThat(makeVoid(gone, 2)).hasStatusOk();
        JsonNode back = get("/api/v1/shipments?job=PV-6");
        assertThat(back.path("packages")
                        .get(0)
                        .path("contents")
                        .get(0)
                        .path("quantity")
                        .asInt())
                .isEqualTo(2);
        assertThat(database.queryForObject(
                        "SELECT COUNT(*) FROM shipment s JOIN work_order w ON w.id = s.work_order_id"
                                + " WHERE w.number = 'PV-6' AND s.state = 'OPEN'",
                        Integer.class))
                .isOne();
        assertThat(makeVoid(gone, 1)).as("all that goes of the leading job").hasStatus(HttpStatus.CONFLICT);
    }

    @Test
    void carriersThatVoidWholeShipmentsOnlyLeaveEverythingAsItWas() {
        JsonNode gone = gone("PV-2", "Godwit Parcel");
        assertThat(makeVoid(gone, 2)).as("it refuses").hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        JsonNode counts = byId(gone);
        assertThat(counts.path("packages")).hasSize(3);
        assertThat(counts.path("papers")).hasSize(4);
        assertThat(counts.path("voided").path("text").asString()).contains("refused to void package 2", "whole");
        assertThat(states(gone, "INVOICE_REVERSAL")).isEmpty();
    }

    @Test
    void whileTheCarrierIsSilentThePackageCountsAndIsTakenOutLater() {
        JsonNode gone = gone("PV-3", "Plover Ground");
        standIns().behave("plover", Behavior.LOSE_ANSWER);
        JsonNode waiting = json(makeVoid(gone, 2));
        assertThat(waiting.path("packages")).hasSize(3);
        assertThat(waiting.path("voided").path("awaited").asBoolean()).isTrue();
        assertThat(waiting.path("mayVoidPackage").asBoolean()).isFalse();
        assertThat(makeVoid(gone, 3)).as("another one at once").hasStatus(HttpStatus.CONFLICT);
        standIns().behave("plover", Behavior.NORMAL);
        clock.pass(Duration.ofMinutes(6));
        worker.run();
        assertThat(byId(gone).path("packages")).hasSize(2);
        assertThat(pieces("PV-3")).isEqualTo(4);
    }

    @Test
    void onlyTheDeskVoidsAPackage() {
        JsonNode gone = gone("PV-4", "Plover Ground");
        assertThat(send(
                        "POST",
                        "/api/v1/shipments/" + gone.path("id").asLong() + "/packages/1/void",
                        Map.of(),
                        "odette",
                        "BOOKKEEPER"))
                .hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("POST", "/api/v1/shipments/99999999/packages/1/void", Map.of()))
                .hasStatus(HttpStatus.NOT_FOUND);
    }
}
