package nobrec.server.statusrule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nobrec.core.workorder.InvoiceState;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.server.workorder.WorkOrders;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** What a job gets when something becomes of it, and what others are told of that. */
class StatusRulesTest extends ServerTest {

    private static final String HANDOVER = "/api/v1/handovers/ROCKFORD/PLOVER";
    private static final String PATH = "/api/v1/status-rules";

    @Autowired
    private OutboxWorker worker;

    @Autowired
    private WorkOrders workOrders;

    @AfterEach
    void withoutRules() {
        change(List.of());
    }

    private MvcTestResult change(List<Map<String, Object>> rules) {
        return send("PUT", PATH, Map.of("version", get(PATH).path("version").asInt(), "rules", rules));
    }

    private static Map<String, Object> rule(String name, String moment, String status, String note) {
        return Map.of(
                "name", name,
                "moment", moment,
                "condition",
                        Map.of(
                                "kind",
                                "ALL",
                                "parts",
                                List.of(Map.of(
                                        "kind",
                                        "FACT",
                                        "fact",
                                        "CUSTOMER",
                                        "test",
                                        "CONTAINS",
                                        "texts",
                                        List.of("quillfeather")))),
                "status", status,
                "note", note,
                "enabled", true);
    }

    private static Map<String, Object> tried(Map<String, Object> rule, String job) {
        Map<String, Object> all = new HashMap<>(rule);
        all.put("triedOn", job);
        return all;
    }

    private String statusOf(String job) {
        return get("/api/v1/work-orders/one?job=" + job).path("shopStatus").asString();
    }

    private List<String> notesOf(String job) {
        return get("/api/v1/work-orders/one?job=" + job)
                .path("notes")
                .valueStream()
                .map(each -> each.path("text").asString())
                .toList();
    }

    private static List<JsonNode> reports(String job) {
        try {
            HttpRequest request = HttpRequest.newBuilder(
                            URI.create("http://127.0.0.1:" + standIns().httpPort() + "/orderdesk/reports"))
                    .build();
            return JSON.readTree(HttpClient.newHttpClient()
                            .send(request, HttpResponse.BodyHandlers.ofString())
                            .body())
                    .valueStream()
                    .filter(each -> each.path("order").asString().equals(job))
                    .toList();
        } catch (Exception failed) {
            throw new AssertionError(failed);
        }
    }

    @Test
    void oneCountsOnlyOnceItWasTriedOnAJobAndDoesNothingThere() {
        bringIn("T-139", "Plover Ground");
        Map<String, Object> rule = rule("Gone", "LABEL_BOUGHT", "On its way", "By {service}, {tracking}");
        assertThat(json(change(List.of(rule))).path("detail").asString())
                .isEqualTo("It was not tried as it is written now.");
        JsonNode outcome = json(send("POST", PATH + "/trials", Map.of("job", "T-139", "rule", rule)));
        assertThat(outcome.path("holds").asBoolean()).isTrue();
        assertThat(outcome.path("status").asString()).isEqualTo("On its way");
        assertThat(outcome.path("before").asString()).isEmpty();
        assertThat(notesOf("T-139")).isEmpty();
        assertThat(change(List.of(tried(rule, "T-139")))).hasStatusOk();
        assertThat(send("PUT", PATH, Map.of("version", 0, "rules", List.of()))).hasStatus(HttpStatus.CONFLICT);
        assertThat(change(List.of(tried(rule("Bad", "LABEL_BOUGHT", "x", "{traking}"), "T-139"))))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(change(List.of(tried(rule("Nothing", "LABEL_BOUGHT", "", ""), "T-139"))))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(send("PUT", PATH, Map.of("version", 1, "rules", List.of()), "rufus", "PACKER"))
                .hasStatus(HttpStatus.FORBIDDEN);
    }

    @Test
    void whatBecomesOfAJobGivesItAStatusAndANoteAndTheHandoverIsToldOutside() {
        JsonNode bench = weighedJob("T-140", "Plover Ground");
        assertThat(change(List.of(
                        tried(rule("Gone", "LABEL_BOUGHT", "Boxed", "By {service}, {tracking}"), "T-140"),
                        tried(rule("With the driver", "HANDED_OVER", "With the driver", ""), "T-140"),
                        tried(rule("Back again", "VOID", "Not gone", "Void: {exception}"), "T-140"))))
                .hasStatusOk();
        await().pollDelay(Duration.ofSeconds(1)).until(() -> true);
        JsonNode gone = json(ship(bench));
        String number = gone.path("packages").get(0).path("trackingNumber").asString();
        assertThat(statusOf("T-140")).isEqualTo("Boxed");
        assertThat(notesOf("T-140")).containsExactly("By Plover Ground, " + number + " (Gone)");
        send("POST", "/api/v1/shipments/" + gone.path("id").asLong() + "/void", Map.of());
        assertThat(statusOf("T-140")).isEqualTo("Not gone");
        assertThat(notesOf("T-140").get(0)).isEqualTo("Void: " + number + " (Back again)");
        String again = json(ship(json(send("POST", "/api/v1/shipments", Map.of("job", "T-140")))))
                .path("packages")
                .get(0)
                .path("trackingNumber")
                .asString();
        assertThat(send("POST", HANDOVER + "/scans", Map.of("text", again))).hasStatusOk();
        long handover = database.queryForObject(
                "SELECT MAX(handover_id) FROM package WHERE tracking_number = ?", Long.class, again);
        int inside =
                database.queryForObject("SELECT COUNT(*) FROM package WHERE handover_id = ?", Integer.class, handover);
        assertThat(inside).isPositive();
        closed(inside);
        await().atMost(Duration.ofSeconds(40)).untilAsserted(() -> {
            clock.pass(Duration.ofMinutes(6));
            worker.run();
            assertThat(reports("T-140").stream().map(each -> each.path("status").asString()))
                    .containsExactly("shipped", "void", "shipped", "handed over");
        });
        assertThat(statusOf("T-140")).isEqualTo("With the driver");
    }

    private void closed(int seen) {
        assertThat(send("POST", HANDOVER + "/closing", Map.of("leavesBy", "PICKUP", "driver", "", "packages", seen)))
                .hasStatusOk();
    }

    @Test
    void aPaidInvoiceGivesTheJobAStatus() {
        bringIn("T-120", "Plover Ground");
        assertThat(change(List.of(tried(rule("Paid", "INVOICE_PAID", "Paid", ""), "T-120"))))
                .hasStatusOk();
        await().pollDelay(Duration.ofSeconds(1)).until(() -> true);
        workOrders.keepInvoiceState("T-120", InvoiceState.PAID, "by itself");
        assertThat(statusOf("T-120")).isEqualTo("Paid");
        assertThat(get("/api/v1/work-orders?number=T-120")
                        .path("rows")
                        .get(0)
                        .path("jobStatus")
                        .asString())
                .as("in the list of jobs")
                .isEqualTo("Paid");
    }
}
