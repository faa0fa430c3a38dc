package nobrec.server.writeback;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.http.Behavior;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What goes into which field of another system, seen on the other side. */
class WriteBackTest extends WriteBackServerTest {

    private static final String DESK = "ORDERDESK";

    @Autowired
    private OutboxWorker worker;

    @Autowired
    private SetUpVersion setUpVersion;

    @Autowired
    private TransactionOperations transactions;

    @AfterEach
    void asTheDemoHasIt() {
        standIns().sources().orders().reports().rename("trackingNo", "tracking");
        keep(
                DESK,
                JSON.readTree(demoFile("shop.json")).path("writeBacks").get(0).path("plan"));
        limits(DESK, false, 0);
    }

    private void limits(String code, boolean paused, int callsAMinute) {
        assertThat(send(
                        "PUT",
                        PATH + "/" + code + "/limits",
                        Map.of("paused", paused, "callsAMinute", callsAMinute),
                        "admin",
                        "ADMINISTRATOR"))
                .hasStatusOk();
    }

    private List<JsonNode> postings(String job, String kind) {
        List<JsonNode> rows = new ArrayList<>();
        get("/api/v1/postings?job=" + job).path("rows").forEach(row -> {
            if (row.path("kind").asString().equals(kind)) {
                rows.add(row);
            }
        });
        return rows;
    }

    private void awaitState(String job, String state) {
        await().atMost(LONG).untilAsserted(() -> {
            clock.pass(Duration.ofMinutes(6));
            worker.run();
            assertThat(postings(job, "SOURCE"))
                    .isNotEmpty()
                    .allMatch(row -> row.path("state").asString().equals(state), state);
        });
    }

    @Test
    void aFieldThatIsMappedIsSeenOnTheOtherSideAndInThePreviewBefore() {
        ship(weighedJob("T-121", "Plover Ground"));
        awaitState("T-121", "DONE");
        assertThat(reports("T-121").get(0).path("lines").get(0).path("shipped").asString())
                .isEqualTo("5");
        JsonNode plan = plan(
                "STAT",
                "{status | upper}",
                "via",
                "{carrier code}/{service code}",
                "status",
                "{customer} {customer PO}");
        JsonNode preview = json(send(
                "POST",
                PATH + "/" + DESK + "/preview",
                Map.of("job", "T-121", "plan", plan),
                "admin",
                "ADMINISTRATOR"));
        assertThat(preview.path("trouble").asString()).isEmpty();
        Map<String, String> before = new LinkedHashMap<>();
        preview.path("changes")
                .forEach(each -> before.put(
                        each.path("field").asString(),
                        each.path("standing").asString("?") + " > "
                                + each.path("fresh").asString()));
        assertThat(before)
                .containsEntry("STAT", "? > SHIPPED")
                .containsEntry("via", "? > PLOVER/PLV-GROUND")
                .containsEntry("status", "shipped > Quillfeather Packaging PO 9");
        assertThat(reports("T-121")).as("a preview writes nothing").hasSize(1);
        assertThat(json(send("POST", PATH + "/" + DESK + "/preview", Map.of("job", "T-121", "plan", plan)))
                        .path("changes")
                        .valueStream()
                        .map(each -> each.path("field").asString()))
                .as("who may not set it up sees what is kept")
                .contains("tracking")
                .doesNotContain("STAT");
        keep(DESK, plan);
        JsonNode demanded = json(send("POST", PATH + "/" + DESK + "/jobs", Map.of("jobs", List.of("T-121", "T-999"))));
        assertThat(demanded.path("rows").get(0).path("made").asBoolean()).isTrue();
        assertThat(demanded.path("rows").get(1).path("made").asBoolean()).isFalse();
        await().atMost(LONG).until(() -> reports("T-121").size() == 2);
        assertThat(reports("T-121").get(1).path("STAT").asString()).isEqualTo("SHIPPED");
        awaitState("T-121", "DONE");
        JsonNode detail = get("/api/v1/postings/"
                + postings("T-121", "SOURCE").get(0).path("id").asLong());
        assertThat(detail.path("sent").asString()).contains("\"STAT\" : \"SHIPPED\"", "\"number\" : \"T-121\"");
    }

    @Test
    void aJobThatBelongsToAnotherSystemThanItCameThroughIsToldToBoth() {
        bringIn("T-165", "Plover Ground");
        database.update("UPDATE work_order SET origin = 'WEBSHOP', origin_number = 'W-303' WHERE number = 'T-165'");
        long bench = json(send("POST", "/api/v1/shipments", Map.of("job", "T-165")))
                .path("id")
                .asLong();
        ship(json(send("PUT", "/api/v1/shipments/" + bench + "/packages/1/weight", Map.of("text", "3.1"))));
        // the web shop of the checks has no orders: that it was asked by its own number is what counts
        await().atMost(LONG)
                .untilAsserted(() -> assertThat(postings("T-165", "SOURCE"))
                        .extracting(row -> row.path("system").asString() + ": "
                                + row.path("answer").asString())
                        .containsExactlyInAnyOrder(
                                "Order desk: Order T-165 says shipped.",
                                "Web shop’s orders: Order W-303 is not known here."));
    }

    @Test
    void aFieldThatWasRenamedThereFailsAndGoesInItsNewNameOnceWhenTheShopHasSaidSo() {
        standIns().sources().orders().reports().rename("tracking", "trackingNo");
        ship(weighedJob("T-122", "Plover Ground"));
        awaitState("T-122", "FAILED");
        assertThat(postings("T-122", "SOURCE").get(0).path("answer").asString())
                .isEqualTo("There is no field tracking here.");
        keep(DESK, plan("status", "{status}", "trackingNo", "{tracking}"));
        JsonNode again = json(send("POST", "/api/v1/postings/another-try", Map.of("target", DESK)));
        assertThat(again.path("begun").asInt()).isPositive();
        awaitState("T-122", "DONE");
        assertThat(reports("T-122")).hasSize(1);
        assertThat(reports("T-122").get(0).path("trackingNo").asString()).startsWith("PV");
    }

    @ParameterizedTest
    @EnumSource(
            value = Behavior.class,
            names = {"ERROR_AFTER", "ERROR_INSIDE", "REDIRECT", "LOSE_ANSWER", "FAIL"})
    void whatIsNotCertainIsTriedAgainAndWrittenOnce(Behavior behavior) {
        String job = "T-"
                + (123
                        + List.of("ERROR_AFTER", "ERROR_INSIDE", "REDIRECT", "LOSE_ANSWER", "FAIL")
                                .indexOf(behavior.name()));
        JsonNode bench = weighedJob(job, "Plover Ground");
        standIns().behave("orderdesk", behavior);
        ship(bench);
        await().atMost(LONG)
                .until(() -> !postings(job, "SOURCE").isEmpty()
                        && !postings(job, "SOURCE")
                                .get(0)
                                .path("answer")
                                .asString()
                                .isEmpty());
        assertThat(postings(job, "SOURCE").get(0).path("state").asString()).isEqualTo("WAITING");
        standIns().behave("orderdesk", Behavior.NORMAL);
        awaitState(job, "DONE");
        assertThat(reports(job)).hasSize(1);
        assertThat(postings(job, "INVOICE"))
                .allMatch(row -> row.path("state").asString().equals("DONE"));
    }

    @Test
    void aSystemThatIsSwitchedOffKeepsWhatIsDueAndHoldsUpNoOther() {
        limits(DESK, true, 0);
        ship(weighedJob("T-128", "Plover Ground"));
        await().atMost(LONG).untilAsserted(() -> {
            worker.run();
            assertThat(postings("T-128", "INVOICE").get(0).path("state").asString())
                    .isEqualTo("DONE");
        });
        clock.pass(Duration.ofDays(2));
        worker.run();
        assertThat(postings("T-128", "SOURCE").get(0).path("state").asString()).isEqualTo("WAITING");
        assertThat(postings("T-128", "SOURCE").get(0).path("attempts").asInt()).isZero();
        limits(DESK, false, 0);
        awaitState("T-128", "DONE");
    }

    @Test
    void noMoreCallsThanAllowedGoOutInAMinute() {
        limits(DESK, true, 0);
        ship(weighedJob("T-129", "Plover Ground"));
        for (int copy = 0; copy < 9; copy++) {
            database.update(
                    "INSERT INTO outbox (entry_key, kind, subject_kind, subject_id, subject_name, target, summary, request,"
                            + " state, attempts, next_try_at, answer, made_at, moment) SELECT UUID(), kind, subject_kind,"
                            + " subject_id + ?, subject_name, target, summary, request, state, 0, next_try_at, '', made_at, ?"
                            + " FROM outbox WHERE subject_name = 'T-129' AND kind = 'SOURCE' AND moment = 'LABEL_BOUGHT'",
                    1_000_000 + copy,
                    "M" + copy);
        }
        limits(DESK, false, 2);
        await().atMost(LONG).until(() -> !reports("T-129").isEmpty());
        worker.run();
        assertThat(reports("T-129")).as("one call each half minute").hasSize(1);
        for (int halfMinute = 2; halfMinute <= 4; halfMinute++) {
            clock.pass(Duration.ofSeconds(31));
            int expected = halfMinute;
            await().atMost(LONG).untilAsserted(() -> {
                worker.run();
                assertThat(reports("T-129")).hasSize(expected);
            });
        }
        limits(DESK, false, 0);
        awaitState("T-129", "DONE");
    }

    @Test
    void whatIsSetAsideIsNotWrittenAndCanBeTakenUpAgain() {
        ship(weighedJob("U-2", "Plover Ground"));
        awaitState("U-2", "FAILED");
        long id = postings("U-2", "SOURCE").get(0).path("id").asLong();
        String path = "/api/v1/postings/" + id;
        assertThat(send("POST", path + "/set-aside", Map.of("reason", " ")))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(send("POST", path + "/set-aside", Map.of("reason", "It is typed there by hand"), "rufus", "PACKER"))
                .hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("POST", path + "/set-aside", Map.of("reason", "It is typed there by hand")))
                .hasStatusOk();
        assertThat(send("POST", path + "/set-aside", Map.of("reason", "Again"))).hasStatus(HttpStatus.CONFLICT);
        assertThat(get("/api/v1/postings?state=SET_ASIDE&job=U-2").path("rows")).hasSize(1);
        assertThat(get("/api/v1/postings?job=U-2")
                        .path("hanging")
                        .path("amount")
                        .asString())
                .as("the freight line failed, the order has no money on it")
                .isEqualTo(postings("U-2", "INVOICE")
                        .get(0)
                        .path("amount")
                        .path("amount")
                        .asString());
        assertThat(send("POST", path + "/another-try", Map.of())).hasStatusOk();
        awaitState("U-2", "FAILED");
        long booking = Objects.requireNonNull(database.queryForObject(
                "SELECT id FROM outbox WHERE kind = 'BOOKING' AND subject_name = 'U-2'", Long.class));
        assertThat(send("POST", "/api/v1/postings/" + booking + "/set-aside", Map.of("reason", "No")))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @Test
    void whenTheSecondPartOfAJobIsVoidTheOrderSaysWhatItSaidBefore() {
        ship(part("T-130", 2));
        awaitState("T-130", "DONE");
        JsonNode first = standing("T-130");
        assertThat(first.path("note").asString()).contains("To come: 2 of SK-3");
        JsonNode second = json(ship(weighed(json(send("POST", "/api/v1/shipments", Map.of("job", "T-130"))))));
        awaitState("T-130", "DONE");
        assertThat(standing("T-130").path("note").asString()).doesNotContain("To come");
        assertThat(send("POST", "/api/v1/shipments/" + second.path("id").asLong() + "/void", Map.of()))
                .hasStatusOk();
        await().atMost(LONG).untilAsserted(() -> {
            clock.pass(Duration.ofMinutes(6));
            worker.run();
            assertThat(standing("T-130")).isEqualTo(first);
        });
    }

    /** Brings five pieces in, leaves some behind, and weighs the rest. */
    private JsonNode part(String job, int leftBehind) {
        JsonNode bench = newJob(job, "Plover Ground");
        return weighed(json(send(
                "POST",
                "/api/v1/shipments/" + bench.path("id").asLong() + "/left-behind",
                Map.of("line", bench.path("lines").get(0).path("id").asLong(), "quantity", leftBehind))));
    }

    private JsonNode standing(String job) {
        ObjectNode now = JSON.createObjectNode();
        reports(job).forEach(report -> now.setAll((ObjectNode) report));
        return now;
    }

    @Test
    void aPlanThatCannotBeReadAnyMoreFailsAloneAndCanBePutRight() {
        database.update(
                "UPDATE write_back_target SET plan = REPLACE(plan, '{service}', '{servis}') WHERE code = ?", DESK);
        transactions.executeWithoutResult(status -> setUpVersion.changed());
        ship(weighedJob("T-119", "Plover Ground"));
        awaitState("T-119", "FAILED");
        assertThat(postings("T-119", "SOURCE").get(0).path("answer").asString()).contains("servis");
        assertThat(postings("T-119", "INVOICE"))
                .allMatch(row -> row.path("state").asString().equals("DONE"));
        asTheDemoHasIt();
        send("POST", "/api/v1/postings/another-try", Map.of("target", DESK));
        awaitState("T-119", "DONE");
    }

    @Test
    void onlyAnAdministratorSetsItUpAndTwoAtOnceAreTold() {
        JsonNode plan = plan("status", "{status}");
        Map<String, Object> entry =
                Map.of("version", target(DESK).path("entry").path("version").asInt(), "active", true, "plan", plan);
        assertThat(send("PUT", PATH + "/" + DESK, entry)).hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("PUT", PATH + "/" + DESK, entry, "admin", "ADMINISTRATOR"))
                .hasStatusOk();
        assertThat(send("PUT", PATH + "/" + DESK, entry, "admin", "ADMINISTRATOR"))
                .hasStatus(HttpStatus.CONFLICT);
        assertThat(send(
                        "PUT",
                        PATH + "/PLOVER/limits",
                        Map.of("paused", true, "callsAMinute", 0),
                        "admin",
                        "ADMINISTRATOR"))
                .as("a carrier is not switched off here")
                .hasStatus(HttpStatus.NOT_FOUND);
        ObjectNode unknown = (ObjectNode) plan("status", "{traking}");
        assertThat(json(send(
                                "PUT",
                                PATH + "/" + DESK,
                                Map.of(
                                        "version",
                                        target(DESK)
                                                .path("entry")
                                                .path("version")
                                                .asInt(),
                                        "active",
                                        true,
                                        "plan",
                                        unknown),
                                "admin",
                                "ADMINISTRATOR"))
                        .toString())
                .contains("There is no fact “traking” here.");
    }
}
