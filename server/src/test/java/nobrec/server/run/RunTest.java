package nobrec.server.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.http.Behavior;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** A run ships what it showed, each job once, and one that fails stops none of the others. */
class RunTest extends ServerTest {

    @Autowired
    private OutboxWorker worker;

    private List<String> jobs(String prefix, int count) {
        List<String> jobs = new ArrayList<>();
        for (int number = 1; number <= count; number++) {
            jobs.add(prefix + number);
            bringIn(prefix + number, "Godwit Parcel");
        }
        return jobs;
    }

    /** A run that has been looked at. */
    private JsonNode made(List<String> jobs) {
        long id = json(send("POST", "/api/v1/runs", Map.of("jobs", jobs)))
                .path("id")
                .asLong();
        awaitTasks();
        return get("/api/v1/runs/" + id);
    }

    private static String path(JsonNode run) {
        return "/api/v1/runs/" + run.path("id").asLong();
    }

    private JsonNode change(JsonNode run, List<String> jobs, Map<String, Object> change) {
        Map<String, Object> all = new HashMap<>(change);
        all.put("jobs", jobs);
        return json(send("POST", path(run) + "/changes", all));
    }

    private JsonNode shipped(JsonNode run) {
        assertThat(send("POST", path(run) + "/start", Map.of())).hasStatusOk();
        awaitTasks();
        return get(path(run));
    }

    private static List<String> states(JsonNode run) {
        return run.path("rows")
                .valueStream()
                .map(row -> row.path("state").asString())
                .toList();
    }

    private static JsonNode row(JsonNode run, int index) {
        return run.path("rows").get(index);
    }

    @Test
    void whatItShowsIsWhatGoesAndOneThatFailsStopsNone() {
        List<String> jobs = jobs("RUNRN-", 5);
        JsonNode run = made(jobs);
        assertThat(states(run)).containsOnly("STOPPED");
        assertThat(row(run, 0).path("reason").asString()).isNotEmpty();
        assertThat(send("POST", path(run) + "/start", Map.of()))
                .as("nothing is ready")
                .hasStatus(HttpStatus.CONFLICT);
        run = change(run, jobs, Map.of("weight", "3.1"));
        assertThat(states(run)).containsOnly("READY");
        assertThat(run.path("totals").path("ready").asInt()).isEqualTo(5);
        // Somebody else ships one meanwhile, and the price of another changes.
        JsonNode other = json(send("POST", "/api/v1/shipments", Map.of("job", "RUNRN-2")));
        assertThat(ship(other, "tobin")).hasStatusOk();
        JsonNode third = json(send("POST", "/api/v1/shipments", Map.of("job", "RUNRN-4")));
        send(
                "PUT",
                "/api/v1/shipments/" + third.path("id").asLong() + "/packages/1/weight",
                Map.of("text", "14", "sure", true));
        run = shipped(run);
        assertThat(states(run)).containsExactly("SHIPPED", "FAILED", "SHIPPED", "FAILED", "SHIPPED");
        assertThat(row(run, 1).path("reason").asString()).contains("shipped already");
        assertThat(row(run, 3).path("reason").asString()).contains("as you saw it");
        assertThat(row(run, 0).path("tracking").asString()).startsWith("GP");
        // Corrected and tried again: it goes as it is shown now.
        run = json(send("POST", path(run) + "/looks", Map.of("jobs", List.of("RUNRN-4"))));
        assertThat(row(run, 3).path("state").asString()).isEqualTo("READY");
        run = shipped(run);
        assertThat(row(run, 3).path("state").asString()).isEqualTo("SHIPPED");
        assertThat(run.path("totals").path("shipped").asInt()).isEqualTo(4);
        // Voided since: the run says so, and ships it once more when it is told to.
        long first = get("/api/v1/shipments?job=RUNRN-1").path("id").asLong();
        send("POST", "/api/v1/shipments/" + first + "/void", Map.of());
        assertThat(row(get(path(run)), 0).path("reason").asString()).contains("voided since");
        run = json(send("POST", path(run) + "/looks", Map.of("jobs", List.of("RUNRN-1"))));
        assertThat(row(run, 0).path("state").asString()).isEqualTo("READY");
    }

    /** One is packed in two packages and weighed; the others with the same contents are to be like it. */
    @Test
    void thePlanOfOneForAllWithTheSameContents() {
        List<String> jobs = jobs("RUNRL-", 3);
        bringIn("RUNRL-9", "Godwit Parcel", 7);
        jobs.add("RUNRL-9");
        JsonNode model = json(send("POST", "/api/v1/shipments", Map.of("job", "RUNRL-1")));
        String address = "/api/v1/shipments/" + model.path("id").asLong();
        long line = model.path("lines").get(0).path("id").asLong();
        send("POST", address + "/packages", Map.of("text", "C1"));
        send("POST", address + "/moves", Map.of("line", line, "quantity", 2, "from", 1, "to", 2));
        send("PUT", address + "/packages/1/weight", Map.of("text", "1.6"));
        send("PUT", address + "/packages/2/weight", Map.of("text", "1.1"));
        JsonNode run = change(made(jobs), jobs, Map.of("packedLike", "RUNRL-1"));
        assertThat(states(run)).containsExactly("READY", "READY", "READY", "STOPPED");
        assertThat(row(run, 3).path("reason").asString()).contains("holds 7 ×", "RUNRL-1 holds 5 ×");
        JsonNode like = get("/api/v1/shipments?job=RUNRL-3");
        assertThat(like.path("packages")).hasSize(2);
        assertThat(like.path("packages")
                        .get(1)
                        .path("contents")
                        .get(0)
                        .path("quantity")
                        .asInt())
                .isEqualTo(2);
        assertThat(like.path("packages").get(1).path("weightSource").asString()).isEqualTo("TYPED");
        assertThat(like.path("packages").get(1).path("cartonReason").asString()).contains("RUNRL-1");
        assertThat(row(run, 2).path("total")).isEqualTo(row(run, 0).path("total"));
        assertThat(row(change(run, jobs.subList(1, 2), Map.of("packedLike", "RUNRL-404")), 1)
                        .path("reason")
                        .asString())
                .as("a job that is not there")
                .isNotEmpty();
        JsonNode undone =
                json(send("POST", "/api/v1/shipments/" + like.path("id").asLong() + "/undo", Map.of()));
        assertThat(undone.path("bench").path("packages")).hasSize(1);
    }

    @Test
    void dayAndSiteAreChosenByRow() {
        List<String> jobs = jobs("RUNRY-", 2);
        JsonNode run = change(made(jobs), jobs, Map.of("weight", "3.1"));
        assertThat(row(run, 0).path("site").asString()).isEqualTo("ROCKFORD");
        run = change(run, jobs.subList(0, 1), Map.of("site", "BELOIT"));
        assertThat(run.path("rows").valueStream().map(row -> row.path("site").asString()))
                .containsExactly("BELOIT", "ROCKFORD");
        String later = row(run, 1).path("leavesOn").asString();
        run = change(run, jobs.subList(0, 1), Map.of("day", "2026-12-09"));
        assertThat(row(run, 0).path("leavesOn").asString()).isEqualTo("2026-12-09");
        assertThat(row(run, 1).path("leavesOn").asString()).isEqualTo(later);
        assertThat(run.path("sites")).hasSizeGreaterThan(1);
    }

    @Test
    void papersComeInTheOrderOfTheRun() throws IOException {
        List<String> jobs = new ArrayList<>(jobs("RUNRP-", 3));
        Collections.reverse(jobs);
        JsonNode run = made(jobs);
        assertThat(mvc.get().uri(path(run) + "/papers").with(user(INES).roles("COORDINATOR")))
                .hasStatus(HttpStatus.NOT_FOUND);
        change(run, jobs, Map.of("weight", "2"));
        run = shipped(run);
        byte[] pdf = mvc.get()
                .uri(path(run) + "/papers")
                .with(user(INES).roles("COORDINATOR"))
                .exchange()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(6);
            String text = new PDFTextStripper().getText(document);
            assertThat(text.indexOf("RUNRP-3")).isLessThan(text.indexOf("RUNRP-2"));
            assertThat(text.indexOf("RUNRP-2")).isLessThan(text.indexOf("RUNRP-1"));
        }
    }

    @Test
    void changesAreTheBenchsOwnActsAndSayAtEachJobWhatDoesNotGo() {
        List<String> jobs = jobs("RUNRC-", 2);
        bringIn("RUNRC-3", "Godwit Parcel", 400);
        List<String> all = List.of("RUNRC-1", "RUNRC-2", "RUNRC-3");
        JsonNode run = made(all);
        run = change(run, all, Map.of("weight", "about four"));
        assertThat(states(run)).containsOnly("STOPPED");
        run = change(run, jobs, Map.of("byRecords", true));
        assertThat(row(run, 0).path("weighed").asBoolean()).isTrue();
        assertThat(states(run).subList(0, 2)).containsOnly("READY");
        run = change(run, jobs, Map.of("cheapest", true));
        double cheapest = row(run, 0).path("total").path("amount").asDouble();
        assertThat(row(run, 0)
                        .path("choices")
                        .valueStream()
                        .filter(choice -> choice.path("arrives").asString().compareTo("2026-12-04") <= 0)
                        .mapToDouble(
                                choice -> choice.path("total").path("amount").asDouble()))
                .allMatch(total -> total >= cheapest);
        run = change(run, List.of("RUNRC-1"), Map.of("service", "NOBODY"));
        assertThat(row(run, 0).path("state").asString()).isEqualTo("STOPPED");
        run = json(send("POST", path(run) + "/taken-out", Map.of("jobs", List.of("RUNRC-3"))));
        assertThat(run.path("rows")).hasSize(2);
        assertThat(send("POST", path(run) + "/start", Map.of(), "odette", "BOOKKEEPER"))
                .hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("POST", "/api/v1/runs", Map.of("jobs", List.of("NO-SUCH"))))
                .hasStatus(HttpStatus.NOT_FOUND);
    }

    /** The carrier takes the job and loses its answer: the run goes on, and the row follows what becomes of it. */
    @Test
    void aSilentCarrierLeavesItsRowAskedAndItIsShippedOnce() {
        List<String> jobs = jobs("RUNRS-", 2);
        JsonNode run = made(jobs);
        change(run, jobs, Map.of("weight", "2"));
        standIns().behave("godwit", Behavior.LOSE_ANSWER);
        run = shipped(run);
        assertThat(states(run)).containsOnly("ASKED");
        allAnswerAgain();
        clock.pass(Duration.ofMinutes(6));
        JsonNode asked = run;
        Awaitility.await().atMost(Duration.ofSeconds(20)).untilAsserted(() -> {
            worker.run();
            assertThat(states(get(path(asked)))).containsOnly("SHIPPED");
        });
    }

    /** The server ended after it had begun with a job: it is looked up, not shipped again; what was not begun is shipped. */
    @Test
    void aRunThatWasCutOffGoesOnWhereItStood() {
        List<String> jobs = jobs("RUNRK-", 3);
        JsonNode run = made(jobs);
        change(run, jobs, Map.of("weight", "2"));
        JsonNode first = json(send("POST", "/api/v1/shipments", Map.of("job", "RUNRK-1")));
        JsonNode gone = json(ship(first));
        assertThat(gone.path("state").asString()).as(gone.toString()).isEqualTo("SHIPPED");
        database.update(
                "UPDATE run_job SET state = 'SHIPPING', shipment_id = ? WHERE job = 'RUNRK-1'",
                first.path("id").asLong());
        run = shipped(run);
        assertThat(states(run)).as(run.path("rows").toString()).containsOnly("SHIPPED");
        assertThat(row(run, 0).path("tracking").asString())
                .isEqualTo(gone.path("packages").get(0).path("trackingNumber").asString());
    }

    @Test
    void twoWhoStartItStartItOnce() {
        List<String> jobs = jobs("RUNRT-", 9);
        JsonNode run = made(jobs);
        change(run, jobs, Map.of("weight", "2"));
        standIns().behave("godwit", Behavior.SLOW);
        assertThat(send("POST", path(run) + "/start", Map.of())).hasStatusOk();
        MvcTestResult second = send("POST", path(run) + "/start", Map.of(), "tobin", "COORDINATOR");
        assertThat(second).hasStatus(HttpStatus.CONFLICT);
        assertThat(send("POST", path(run) + "/changes", Map.of("jobs", jobs, "weight", "9")))
                .hasStatus(HttpStatus.CONFLICT);
        assertThat(send("POST", path(run) + "/pause", Map.of())).hasStatusOk();
        awaitTasks();
        assertThat(states(get(path(run)))).contains("READY");
        standIns().behave("godwit", Behavior.NORMAL);
        assertThat(states(shipped(run))).containsOnly("SHIPPED");
    }
}
