package nobrec.server.booking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.http.Behavior;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;

/** Whatever a record holds: what the carrier has taken is stored, and the rest follows. */
class SettlementTest extends ServerTest {

    private static final String LONG_NUMBER = "L".repeat(100);

    @Autowired
    private JdbcClient database;

    @Autowired
    private OutboxWorker worker;

    private void change(String job, String column, String value) {
        database.sql("UPDATE work_order SET " + column + " = ? WHERE number = ?")
                .params(value, job)
                .update();
    }

    private JsonNode shipped(String job) {
        JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", job)));
        json(send(
                "PUT", "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/weight", Map.of("text", "3.1")));
        return json(ship(json(send("POST", "/api/v1/shipments", Map.of("job", job)))));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "24/17",
                "24#17?x=1&y",
                "100%",
                "..",
                "24 17",
                "24;17\\",
                "Ж-2417",
                "Ā-1 “x”",
                "LONG",
            })
    void aJobNumberMayHoldAnySign(String number) {
        String job = number.equals("LONG") ? LONG_NUMBER : number;
        bringIn("X", "Plover Ground");
        change("X", "number", job);
        JsonNode shipped = shipped(job);
        assertThat(shipped.path("state").asString()).isEqualTo("SHIPPED");
        assertThat(shipped.path("papers")).hasSize(2);
        // The books and the order desk do not know it; that they say so shows that the number reached them whole.
        await().untilAsserted(() -> assertThat(database.sql(
                                "SELECT answer FROM outbox WHERE BINARY subject_name = BINARY ? AND state = 'FAILED' ORDER BY id")
                        .param(job)
                        .query(String.class)
                        .list())
                .hasSize(2)
                .allMatch(answer -> answer.equals("Work order " + job + " is not known here.")));
    }

    @Test
    void controlCharactersAndLettersNoFaceHasDoNotHoldItUp() {
        bringIn("SE-1", "Plover Ground");
        change("SE-1", "company", "Quill\u0001feather\nPackaging\u200B");
        change("SE-1", "customer_po", "PO\u0000 9\tЖ");
        database.sql("UPDATE work_order_line SET description = ? WHERE work_order_id = (SELECT id FROM work_order WHERE"
                        + " number = 'SE-1')")
                .param("Seal\u0007 kit\n日本 <&\">")
                .update();
        JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", "SE-1")));
        assertThat(bench.path("checks"))
                .anyMatch(check -> check.path("subject").asString().equals("PAPERS")
                        && check.path("verdict").asString().equals("CAUTION"));
        assertThat(shipped("SE-1").path("papers")).hasSize(2);
    }

    @Test
    void aShipToThatTheLabelCannotPrintIsStoppedBeforeTheCarrierIsAsked() {
        bringIn("SE-2", "Plover Ground");
        change("SE-2", "person", "花子");
        JsonNode bench = weighedJob("SE-2", "Plover Ground");
        assertThat(bench.path("mayShip").asBoolean()).isFalse();
        assertThat(ship(bench)).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(Consignments.count(standIns().httpPort(), "plover", "SE-2")).isZero();
    }

    @Test
    void sixteenPackages() {
        bringIn("SE-3", "Plover Ground", 16);
        JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", "SE-3")));
        String path = "/api/v1/shipments/" + bench.path("id").asLong();
        long line = bench.path("lines").get(0).path("id").asLong();
        for (int number = 2; number <= 16; number++) {
            send("POST", path + "/packages", Map.of("text", "C1"));
            assertThat(send("POST", path + "/moves", Map.of("line", line, "quantity", 1, "from", 1, "to", number)))
                    .hasStatusOk();
        }
        for (int number = 1; number <= 16; number++) {
            assertThat(send("PUT", path + "/packages/" + number + "/weight", Map.of("text", "1")))
                    .hasStatusOk();
        }
        JsonNode shipped = json(ship(get("/api/v1/shipments?job=SE-3")));
        assertThat(shipped.path("papers")).hasSize(17);
        await().untilAsserted(() ->
                assertThat(get("/api/v1/postings?job=SE-3").path("rows")).hasSize(4));
    }

    @Test
    void tenJobs() {
        List<String> jobs = IntStream.range(0, 10)
                .mapToObj(each -> "TEN-" + each + "-" + "x".repeat(90))
                .toList();
        jobs.forEach(job -> bringIn(job, "Plover Ground"));
        JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", jobs.get(0))));
        String path = "/api/v1/shipments/" + bench.path("id").asLong();
        jobs.stream()
                .skip(1)
                .forEach(job -> assertThat(send("POST", path + "/jobs", Map.of("job", job)))
                        .hasStatusOk());
        int packages =
                get("/api/v1/shipments?job=" + jobs.get(0)).path("packages").size();
        for (int number = 1; number <= packages; number++) {
            send("PUT", path + "/packages/" + number + "/weight", Map.of("text", "30"));
        }
        JsonNode shipped = json(ship(get("/api/v1/shipments?job=" + jobs.get(0))));
        assertThat(shipped.path("state").asString()).isEqualTo("SHIPPED");
        assertThat(shipped.path("papers")).hasSize(packages + 1);
        jobs.forEach(job -> await().untilAsserted(() ->
                assertThat(get("/api/v1/postings?job=" + job).path("rows")).isNotEmpty()));
    }

    /** Papers that cannot be kept hold up neither the shipment nor its postings; they come when the fault is gone. */
    @Test
    void papersAreTriedAloneAndAgain() {
        JsonNode bench = weighedJob("SE-4", "Plover Ground");
        database.sql("INSERT INTO paper (subject_id, kind, package_number, title, pdf, made_at)"
                        + " VALUES (?, 'LABEL', 1, 'in the way', '', NOW())")
                .param(bench.path("id").asLong())
                .update();
        JsonNode shipped = json(ship(bench));
        assertThat(shipped.path("state").asString()).isEqualTo("SHIPPED");
        assertThat(shipped.path("waitingFor").asString()).startsWith("Its label and slip are not done yet.");
        await().untilAsserted(() ->
                assertThat(get("/api/v1/postings?job=SE-4").path("rows")).hasSize(5));
        assertThat(get("/api/v1/departures").path("stuck"))
                .anyMatch(thing -> thing.path("thing").asString().equals("Job SE-4: Its label and slip"));
        database.sql("DELETE FROM paper WHERE title = 'in the way'").update();
        clock.pass(Duration.ofMinutes(6));
        worker.run();
        JsonNode now = get("/api/v1/shipments?job=SE-4");
        assertThat(now.path("papers")).hasSize(2);
        assertThat(now.has("waitingFor")).isFalse();
    }

    @Test
    void aWaitingBookingIsSeenWithItsAgeAndCanBeAskedAboutNow() {
        JsonNode bench = weighedJob("SE-5", "Godwit Parcel");
        standIns().behave("godwit", Behavior.LOSE_ANSWER);
        ship(bench);
        clock.pass(Duration.ofSeconds(45));
        assertThat(get("/api/v1/departures").path("stuck"))
                .anyMatch(thing -> thing.path("thing").asString().equals("Job SE-5")
                        && thing.path("reason").asString().contains("has not answered for 45 s")
                        && thing.path("askAbout").asLong() == bench.path("id").asLong());
        for (int fault = 0; fault < 8; fault++) {
            send("POST", "/api/v1/shipments/" + bench.path("id").asLong() + "/carrier-question", "");
        }
        standIns().behave("godwit", Behavior.NORMAL);
        JsonNode asked =
                json(send("POST", "/api/v1/shipments/" + bench.path("id").asLong() + "/carrier-question", ""));
        assertThat(asked.path("state").asString()).isEqualTo("SHIPPED");
        assertThat(Consignments.count(standIns().httpPort(), "godwit", "SE-5")).isEqualTo(1);
    }

    /** The server was killed after the carrier's answer was stored: papers and postings come by themselves. */
    @Test
    void whatFollowsIsDoneByAnotherServerWhenThisOneWasKilled() {
        JsonNode bench = weighedJob("SE-6", "Plover Ground");
        ship(bench);
        long id = bench.path("id").asLong();
        database.sql("DELETE FROM paper WHERE subject_id = ?").param(id).update();
        database.sql("INSERT INTO outbox (entry_key, kind, subject_kind, subject_id, subject_name, target, summary,"
                        + " request, state, attempts, next_try_at, answer, made_at) VALUES (UUID(), 'PAPERS',"
                        + " 'SHIPMENT', ?, 'SE-6', 'nobrec', '', '', 'WAITING', 1, '2026-12-01 19:05:10', '',"
                        + " '2026-12-01 19:05:00')")
                .param(id)
                .update();
        clock.pass(Duration.ofSeconds(11));
        worker.run();
        // The sweep of this very server may have taken it at the same moment.
        Awaitility.await()
                .until(() -> get("/api/v1/shipments?job=SE-6").path("papers").size() == 2);
    }
}
