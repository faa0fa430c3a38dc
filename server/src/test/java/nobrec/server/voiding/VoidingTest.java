package nobrec.server.voiding;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.http.Behavior;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** What is void at its carrier is void in the invoice, the record, the books and here; nothing half. */
class VoidingTest extends ServerTest {

    @Autowired
    private OutboxWorker worker;

    private JsonNode shipped(String job, String service) {
        JsonNode gone = json(ship(weighedJob(job, service)));
        assertThat(gone.path("state").asString()).isEqualTo("SHIPPED");
        worker.run();
        return gone;
    }

    private MvcTestResult makeVoid(JsonNode bench) {
        return send("POST", "/api/v1/shipments/" + bench.path("id").asLong() + "/void", Map.of());
    }

    private JsonNode bench(String job) {
        return get("/api/v1/shipments?job=" + job);
    }

    private void later() {
        clock.pass(Duration.ofMinutes(6));
        worker.run();
        worker.run();
    }

    private static JsonNode outside(String path) throws IOException, InterruptedException {
        HttpResponse<String> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(
                                        "http://127.0.0.1:" + standIns().httpPort() + path))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        return JSON.readTree(answer.body());
    }

    private static void collected(String carrier, String key) throws IOException, InterruptedException {
        HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(
                                        "http://127.0.0.1:" + standIns().httpPort() + "/" + carrier + "/collected"))
                                .POST(HttpRequest.BodyPublishers.ofString("key=" + key))
                                .build(),
                        HttpResponse.BodyHandlers.discarding());
    }

    private String bookingKey(JsonNode bench) {
        return database.queryForObject(
                "SELECT entry_key FROM outbox WHERE kind = 'BOOKING' AND subject_id = ?",
                String.class,
                bench.path("id").asLong());
    }

    private List<String> states(JsonNode bench, String kind) {
        return database.queryForList(
                "SELECT state FROM outbox WHERE kind = ? AND subject_id = ? ORDER BY id",
                String.class,
                kind,
                bench.path("id").asLong());
    }

    @Test
    void whatWasWrittenIsReversedAndTheJobIsReadyAgainAsItWasPacked() throws Exception {
        JsonNode gone = shipped("T-81", "Godwit Parcel");
        String number = gone.path("packages").get(0).path("trackingNumber").asString();
        JsonNode open = json(makeVoid(gone));
        assertThat(open.path("state").asString()).isEqualTo("OPEN");
        assertThat(open.path("voided").path("text").asString()).contains(number, "Ines");
        assertThat(open.path("papers")).isEmpty();
        assertThat(open.path("packages").get(0).path("weight").path("grams").asDouble())
                .isEqualTo(gone.path("packages")
                        .get(0)
                        .path("weight")
                        .path("grams")
                        .asDouble());
        assertThat(open.path("packages").get(0).path("contents"))
                .isEqualTo(gone.path("packages").get(0).path("contents"));
        assertThat(get("/api/v1/work-orders?text=T-81")
                        .path("rows")
                        .get(0)
                        .path("status")
                        .asString())
                .isEqualTo("ON_BENCH");
        later();
        Awaitility.await().atMost(Duration.ofSeconds(20)).untilAsserted(() -> {
            assertThat(states(gone, "INVOICE")).containsExactly("REVERSED");
            assertThat(states(gone, "JOURNAL")).containsExactly("REVERSED");
            assertThat(states(gone, "SOURCE")).containsExactly("REVERSED");
        });
        assertThat(states(gone, "JOURNAL_REVERSAL")).containsExactly("DONE");
        assertThat(outside("/books/freight")
                        .valueStream()
                        .filter(line -> line.path("order").asString().equals("T-81")))
                .singleElement()
                .satisfies(line -> assertThat(line.path("removed").asBoolean()).isTrue());
        assertThat(balance("T-81")).as("debits less credits of one account").isZero();
        assertThat(outside("/orderdesk/reports")
                        .valueStream()
                        .filter(report -> report.path("order").asString().equals("T-81"))
                        .map(report -> report.path("status").asString()))
                .containsExactly("shipped", "void");
        JsonNode again = json(ship(open));
        assertThat(again.path("state").asString()).isEqualTo("SHIPPED");
        assertThat(again.path("packages").get(0).path("trackingNumber").asString())
                .isNotEqualTo(number);
        assertThat(again.path("papers")).hasSize(2);
        later();
        Awaitility.await()
                .atMost(Duration.ofSeconds(20))
                .untilAsserted(() -> assertThat(states(gone, "INVOICE")).containsExactly("REVERSED", "DONE"));
        assertThat(states(json(makeVoid(again)), "INVOICE_REVERSAL"))
                .as("a second void")
                .hasSize(2);
        assertThat(get("/api/v1/find?text=" + number).path("said").asString()).contains("is void", "T-81");
    }

    /** In cents: what the journal says of that job on the side of the expense. */
    private static long balance(String job) throws IOException, InterruptedException {
        return outside("/books/journal")
                .valueStream()
                .filter(entry -> entry.path("description").asString().contains("job " + job + ","))
                .mapToLong(entry -> {
                    JsonNode first = entry.path("lines").get(0);
                    long cents = Math.round(first.path("amount").asDouble() * 100);
                    return first.path("side").asString().equals("DEBIT") ? cents : -cents;
                })
                .sum();
    }

    @ParameterizedTest
    @EnumSource(
            mode = EnumSource.Mode.EXCLUDE,
            names = {"NORMAL", "SLOW", "LATIN_1", "SAME_NUMBER", "ANY"})
    void whileTheCarrierGivesNoCertainAnswerItCountsAndIsFinishedLater(Behavior behavior) {
        String job = "VD-" + behavior;
        JsonNode gone = shipped(job, "Godwit Parcel");
        standIns().behave("godwit", behavior);
        JsonNode waiting = json(makeVoid(gone));
        assertThat(waiting.path("state").asString()).isEqualTo("SHIPPED");
        assertThat(waiting.path("voided").path("awaited").asBoolean()).isTrue();
        assertThat(states(gone, "INVOICE_REVERSAL")).isEmpty();
        assertThat(makeVoid(gone)).as("a second one at once").hasStatus(HttpStatus.CONFLICT);
        standIns().behave("godwit", Behavior.NORMAL);
        // One try may still be under way that is put off after the time has passed.
        Awaitility.await().atMost(Duration.ofSeconds(20)).until(() -> {
            later();
            return bench(job).path("state").asString().equals("OPEN");
        });
        assertThat(states(gone, "INVOICE_REVERSAL")).hasSize(1);
        assertThat(makeVoid(gone)).as("one that is open").hasStatus(HttpStatus.CONFLICT);
    }

    @Test
    void aCarrierThatRefusesLeavesEverythingAsItWas() throws Exception {
        JsonNode gone = shipped("VD-1", "Plover Ground");
        collected("plover", bookingKey(gone));
        MvcTestResult refused = makeVoid(gone);
        assertThat(refused).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(json(refused).toString()).contains("collected already");
        JsonNode counts = bench("VD-1");
        assertThat(counts.path("state").asString()).isEqualTo("SHIPPED");
        assertThat(counts.path("voided").path("text").asString()).contains("refused", "collected");
        assertThat(counts.path("papers")).hasSize(2);
        assertThat(states(gone, "INVOICE_REVERSAL")).isEmpty();
    }

    /** Its number is none that the books know: the freight line was refused, so there is none to be taken off. */
    @Test
    void whatWasNeverWrittenIsNotReversedAndCanNotBeWrittenAnyMore() {
        JsonNode gone = shipped("VD-2", "Godwit Parcel");
        assertThat(states(gone, "INVOICE")).containsExactly("FAILED");
        makeVoid(gone);
        later();
        Awaitility.await()
                .atMost(Duration.ofSeconds(20))
                .untilAsserted(() -> assertThat(states(gone, "INVOICE")).containsExactly("REVERSED"));
        long posting = database.queryForObject(
                "SELECT id FROM outbox WHERE kind = 'INVOICE' AND subject_id = ?",
                Long.class,
                gone.path("id").asLong());
        assertThat(send("POST", "/api/v1/postings/" + posting + "/another-try", Map.of(), "odette", "BOOKKEEPER"))
                .hasStatus(HttpStatus.CONFLICT);
    }

    /** The books are silent while it ships and while it is voided: first the line, then its removal. */
    @Test
    void whatWaitsIsWrittenFirstAndThenReversed() throws Exception {
        standIns().behave("books", Behavior.FAIL);
        JsonNode gone = shipped("T-82", "Godwit Parcel");
        assertThat(states(gone, "INVOICE")).containsExactly("WAITING");
        makeVoid(gone);
        later();
        assertThat(states(gone, "INVOICE_REVERSAL")).containsExactly("WAITING");
        allAnswerAgain();
        Awaitility.await().atMost(Duration.ofSeconds(20)).untilAsserted(() -> {
            later();
            assertThat(states(gone, "INVOICE")).containsExactly("REVERSED");
            assertThat(balance("T-82")).isZero();
        });
    }

    @Test
    void onlyTheDeskVoids() {
        JsonNode gone = shipped("VD-3", "Godwit Parcel");
        assertThat(send(
                        "POST",
                        "/api/v1/shipments/" + gone.path("id").asLong() + "/void",
                        Map.of(),
                        "odette",
                        "BOOKKEEPER"))
                .hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("POST", "/api/v1/shipments/99999999/void", Map.of())).hasStatus(HttpStatus.NOT_FOUND);
    }

    @Test
    void theRestOfItsJobComesAfterItAgain() {
        bringIn("VD-4", "Godwit Parcel");
        JsonNode open = json(send("POST", "/api/v1/shipments", Map.of("job", "VD-4")));
        String address = "/api/v1/shipments/" + open.path("id").asLong();
        long line = open.path("lines").get(0).path("id").asLong();
        send("POST", address + "/left-behind", Map.of("line", line, "quantity", 3));
        JsonNode weighed = json(send("PUT", address + "/packages/1/weight", Map.of("text", "2")));
        JsonNode gone = json(ship(weighed));
        assertThat(gone.path("state").asString()).isEqualTo("SHIPPED");
        JsonNode rest = json(send("POST", "/api/v1/shipments", Map.of("job", "VD-4")));
        assertThat(rest.path("id").asLong()).isNotEqualTo(gone.path("id").asLong());
        JsonNode back = json(makeVoid(gone));
        assertThat(back.path("state").asString()).isEqualTo("OPEN");
        assertThat(bench("VD-4").path("id").asLong()).isEqualTo(gone.path("id").asLong());
        assertThat(back.path("lines").get(0).path("staysBehind").asInt()).isEqualTo(3);
    }
}
