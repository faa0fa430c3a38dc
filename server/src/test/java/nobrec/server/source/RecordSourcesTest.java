package nobrec.server.source;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import nobrec.server.ServerTest;
import nobrec.standins.http.Behavior;
import nobrec.standins.store.SourceRecords;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The order desk and the web shop, as sources of records. */
class RecordSourcesTest extends ServerTest {

    private static final String DESK = "/api/v1/sources/ORDERDESK";

    @Autowired
    private SourceRuns runs;

    private final SourceRecords desk = standIns().sources().orderDesk();

    @BeforeEach
    void isRead() {
        desk.clear();
        database.update("DELETE FROM source_record");
        database.update("DELETE FROM wordbook_entry WHERE source IN ('ORDERDESK', 'WEBSHOP')");
        setUp("ORDERDESK", 0, Map.of());
        says("STATUS", "FIN", "ready");
        says("STATUS", "WIP", "not ready");
    }

    @AfterEach
    void isAskedByHandAgain() {
        desk.clear();
        setUp("ORDERDESK", 0, Map.of());
        awaitTasks();
    }

    /** Keeps the guess as it is. */
    private void setUp(String code, int everyMinutes, Map<String, String> defaults) {
        send("POST", "/api/v1/sources/" + code + "/test", null);
        JsonNode now = get("/api/v1/sources/" + code);
        assertThat(send(
                        "PUT",
                        "/api/v1/sources/" + code,
                        Map.of(
                                "version",
                                now.path("version"),
                                "layout",
                                now.path("layout"),
                                "defaults",
                                defaults,
                                "everyMinutes",
                                everyMinutes)))
                .hasStatusOk();
    }

    private void says(String kind, String word, String meaning) {
        assertThat(send("PUT", DESK + "/words", Map.of("kind", kind, "word", word, "meaning", meaning)))
                .hasStatusOk();
        awaitTasks();
    }

    private ObjectNode record(String number, String status) {
        ObjectNode record = JSON.createObjectNode();
        record.put("number", number);
        record.put("status", status);
        record.put("changed", clock.instant().minus(1, ChronoUnit.MINUTES).toString());
        ObjectNode fields = record.putObject("fields");
        fields.put("customer", "Fenwick");
        fields.put("ship_name", "Fenwick Works");
        fields.put("ship_street", "410 Weir Street");
        fields.put("ship_city", "Tucson");
        fields.put("ship_state", "AZ");
        fields.put("ship_zip", "85701");
        fields.put("due", "2026-12-04");
        fields.put("ship_via", "Plover Ground");
        fields.put("freight", "we pay");
        record.putArray("lines").addObject().put("item", "SK-2").put("qty", 3).put("weight_each", "0.3 lb");
        return record;
    }

    private JsonNode look() {
        MvcTestResult begun = send("POST", DESK + "/look", Map.of("minutes", 1440));
        assertThat(begun).hasStatusOk();
        awaitTasks();
        return get("/api/v1/tasks/" + json(begun).path("task").asLong());
    }

    private JsonNode rowOf(String number) {
        for (JsonNode row : get(DESK + "/records").path("rows")) {
            if (row.path("number").asString().equals(number)) {
                return row;
            }
        }
        throw new AssertionError("No record " + number + " is listed");
    }

    private void take(String... numbers) {
        assertThat(send("POST", DESK + "/take", Map.of("numbers", Set.of(numbers))))
                .hasStatusOk();
        awaitTasks();
    }

    private JsonNode source() {
        for (JsonNode row : get("/api/v1/sources").path("rows")) {
            if (row.path("code").asString().equals("ORDERDESK")) {
                return row;
            }
        }
        throw new AssertionError();
    }

    @Test
    void whatIsNewIsListedChosenAndTakenAndThenRecognized() {
        desk.add(record("RS-1", "FIN"));
        desk.add(record("RS-2", "WIP"));
        desk.add(record("RS-3", "FIN"));
        assertThat(look().path("state").asString()).isEqualTo("DONE");
        assertThat(get(DESK + "/records").path("rows")).hasSize(2);
        take("RS-1");
        assertThat(get("/api/v1/work-orders?text=RS-").path("rows")).hasSize(1);
        assertThat(json(send("POST", "/api/v1/shipments", Map.of("job", "RS-1")))
                        .path("job")
                        .asString())
                .isEqualTo("RS-1");
        look();
        assertThat(get(DESK + "/records").path("rows")).hasSize(1);
        assertThat(rowOf("RS-3").path("state").asString()).isEqualTo("NEW");
    }

    @Test
    void aRecordThatCannotBeReadStaysOutAndSaysWhy() {
        ObjectNode late = record("RS-10", "FIN");
        late.withObject("/fields").put("due", "20226-12-04");
        ObjectNode large = record("RS-11", "FIN");
        large.withObject("/fields").put("customer", "x".repeat(2_000_000));
        ObjectNode nameless = record("", "FIN");
        List.of(late, large, nameless, record("RS-12", "FIN"), record("RS-12", "FIN"))
                .forEach(desk::add);
        assertThat(look().path("state").asString()).isEqualTo("DONE");
        assertThat(rowOf("RS-10").path("problem").asString()).contains("There is no such day.");
        assertThat(rowOf("RS-11").path("problem").asString()).contains("The text has 2000000 characters.");
        assertThat(rowOf("RS-12").path("problem").asString()).isEmpty();
        assertThat(source().path("said").asString()).contains("1 could not be kept: Record 3 of a page has no number.");
        take("RS-10", "RS-11", "RS-12");
        assertThat(get("/api/v1/work-orders?text=RS-1").path("rows")).hasSize(2);
    }

    @Test
    void byTheTimerWhatIsReadyComesInByItselfAndOneServerAsks() {
        for (int number = 0; number < 230; number++) {
            desk.add(record("RT-" + number, "FIN"));
        }
        setUp("ORDERDESK", 5, Map.of());
        List<CompletableFuture<Void>> servers = List.of(
                CompletableFuture.runAsync(runs::askDue),
                CompletableFuture.runAsync(runs::askDue),
                CompletableFuture.runAsync(runs::askDue));
        servers.forEach(CompletableFuture::join);
        awaitTasks();
        assertThat(source().path("said").asString()).startsWith("230 records seen, 230 came in");
        assertThat(database.queryForObject(
                        "SELECT COUNT(*) FROM background_task WHERE kind = 'LOOK' AND lane = 'orders:ORDERDESK' AND started_by = 'nobrec'",
                        Integer.class))
                .isEqualTo(1);
        assertThat(Instant.parse(source().path("next").asString())).isAfter(clock.instant());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "FAIL|It asks us to come later (503).",
                "UNAUTHORIZED|It does not accept our key (401).",
                "REDIRECT|It sends us on to",
                "NOT_JSON|It answers with a web page, not with records.",
                "HALF_ANSWER|Its answer breaks off in the middle.",
                "PROXY_NOT_FOUND|There is nothing at",
                "LOSE_ANSWER|The connection broke off",
                "LATE|It gave no whole answer within 3000 ms.",
            })
    void whatIsWrongIsSaidInPlainWords(Behavior behavior, String words) {
        standIns().behave("orderdesk", behavior);
        JsonNode result = json(send("POST", DESK + "/test", null));
        assertThat(result.path("answers").asBoolean()).isFalse();
        assertThat(result.path("text").asString()).startsWith(words);
        assertThat(result.path("remedy").asString()).isNotBlank();
    }

    @Test
    void aTestSaysWhatItFound() {
        desk.add(record("RS-20", "FIN"));
        assertThat(json(send("POST", DESK + "/test", null)).path("text").asString())
                .matches("Answers in \\d+ ms; 3 record statuses; 2 sites; 1 record since yesterday\\.");
    }

    @Test
    void lettersThatAreNotUtf8AreReadAndSaid() {
        ObjectNode record = record("RS-30", "FIN");
        record.withObject("/fields").put("customer", "Größe");
        desk.add(record);
        standIns().behave("orderdesk", Behavior.LATIN_1);
        assertThat(look().path("state").asString()).isEqualTo("DONE");
        assertThat(rowOf("RS-30").path("customer").asString()).isEqualTo("Größe");
        assertThat(source().path("said").asString()).contains("Windows-1252");
    }

    @Test
    void whatChangedThereStandsBesideOursUntilItIsTakenOverOrNot() {
        desk.add(record("RS-40", "FIN"));
        look();
        take("RS-40");
        desk.change("RS-40", "due", "2026-12-09");
        desk.change("RS-40", "ship_city", "Phoenix");
        look();
        JsonNode changes = get("/api/v1/work-orders/one/changes?job=RS-40").path("changes");
        assertThat(changes.path("differences")).hasSize(2);
        assertThat(changes.path("differences").get(0).path("label").asString()).isEqualTo("Ship-to city");
        assertThat(takeOver("RS-40", changes, "PROMISE_DATE")).hasStatusOk();
        assertThat(get("/api/v1/work-orders/one/changes?job=RS-40").has("changes"))
                .isFalse();
        JsonNode row = get("/api/v1/work-orders?text=RS-40").path("rows").get(0);
        assertThat(row.path("promiseDate").asString()).isEqualTo("2026-12-09");
        assertThat(row.path("city").asString()).isEqualTo("Tucson, AZ");
        assertThat(takeOver("RS-40", changes, "CITY")).hasStatus(HttpStatus.CONFLICT);
    }

    private MvcTestResult takeOver(String number, JsonNode changes, String... keys) {
        return send(
                "POST",
                "/api/v1/work-orders/one/changes?job=" + number,
                Map.of("record", changes.path("record"), "keys", Set.of(keys)));
    }

    @Test
    void whatChangesAgainWhileSomebodyLooksIsNotTakenOverUnseen() {
        desk.add(record("RS-41", "FIN"));
        look();
        take("RS-41");
        desk.change("RS-41", "ship_city", "Phoenix");
        look();
        JsonNode seen = get("/api/v1/work-orders/one/changes?job=RS-41").path("changes");
        desk.change("RS-41", "ship_city", "Mesa");
        look();
        assertThat(takeOver("RS-41", seen, "CITY")).hasStatus(HttpStatus.CONFLICT);
        JsonNode now = get("/api/v1/work-orders/one/changes?job=RS-41").path("changes");
        List<CompletableFuture<MvcTestResult>> both = List.of(
                CompletableFuture.supplyAsync(() -> takeOver("RS-41", now, "CITY")),
                CompletableFuture.supplyAsync(() -> takeOver("RS-41", now)));
        assertThat(both.stream()
                        .map(each -> each.join().getResponse().getStatus())
                        .toList())
                .containsExactlyInAnyOrder(200, 409);
    }

    @Test
    void cancelledThereIsAHoldHereWithTheReason() {
        desk.add(record("RS-50", "FIN"));
        look();
        take("RS-50");
        desk.change("RS-50", "cancelled", "customer withdrew");
        look();
        JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", "RS-50")));
        assertThat(bench.path("mayShip").asBoolean()).isFalse();
        assertThat(bench.path("checks").toString()).contains("Cancelled at Order desk: customer withdrew");
        assertThat(send("POST", "/api/v1/work-orders/releases", Map.of("jobs", List.of("RS-50"))))
                .hasStatusOk();
    }

    @Test
    void anUnknownStatusWaitsInTheWordbookAndOneAnswerFreesItsRecords() {
        desk.add(record("RS-60", "RDY2"));
        desk.add(record("RS-61", "RDY2"));
        look();
        assertThat(rowOf("RS-60").path("state").asString()).isEqualTo("UNKNOWN_STATUS");
        assertThat(get("/api/v1/wordbook").path("open").toString()).contains("\"written\":\"RDY2\",\"jobs\":2");
        says("STATUS", "RDY2", "ready");
        assertThat(rowOf("RS-60").path("state").asString()).isEqualTo("NEW");
    }

    /** It came through the order desk and belongs to the web shop: that one knows it, too. */
    @Test
    void aJobThatCameThroughAnotherSystemIsRecognized() {
        drop(
                "origin.csv",
                "Order No,Origin System,Origin Number,Qty\nOG-1,Web shop,W-900,1\n".getBytes(StandardCharsets.UTF_8));
        setUp("WEBSHOP", 0, Map.of());
        ObjectNode order = JSON.createObjectNode();
        order.put("id", "W-900")
                .put("state", "paid")
                .put("changed", clock.instant().minusSeconds(60).toString());
        order.putArray("basket").addObject().put("sku", "A").put("quantity", 1);
        standIns().sources().webShop().add(order);
        send("POST", "/api/v1/sources/WEBSHOP/look", Map.of("minutes", 60));
        awaitTasks();
        standIns().sources().webShop().clear();
        assertThat(database.queryForObject(
                        "SELECT state FROM source_record WHERE source = 'WEBSHOP' AND number = 'W-900'", String.class))
                .isEqualTo("HERE");
        // The other way round: it is here from the web shop's own list, and comes through a file as well.
        assertThat(json(drop(
                                "again.csv",
                                "Order No,Origin System,Origin Number,Qty\nOG-2,WEBSHOP,W-900,1\n"
                                        .getBytes(StandardCharsets.UTF_8)))
                        .path("run")
                        .path("recognized")
                        .asInt())
                .isEqualTo(1);
    }

    @Test
    void onlyAnAdministratorConnectsAndInnerHostsMustBeNamed() {
        Map<String, String> evil = Map.of(
                "name",
                "Metadata",
                "adapter",
                "records-json",
                "address",
                "http://10.0.0.5/x",
                "userName",
                "",
                "secret",
                "");
        assertThat(send("POST", "/api/v1/sources", evil)).hasStatus(HttpStatus.FORBIDDEN);
        MvcTestResult connected = send("POST", "/api/v1/sources", evil, "admin", "ADMINISTRATOR");
        assertThat(connected).hasStatusOk();
        String code = json(connected).path("code").asString();
        assertThat(json(send("POST", "/api/v1/sources/" + code + "/test", null))
                        .path("text")
                        .asString())
                .isEqualTo("10.0.0.5 is an address inside our own network.");
        assertThat(send("DELETE", "/api/v1/sources/" + code, null)).hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("DELETE", "/api/v1/sources/" + code, null, "admin", "ADMINISTRATOR"))
                .hasStatusOk();
        database.update("DELETE FROM connection WHERE code = ?", code);
    }
}
