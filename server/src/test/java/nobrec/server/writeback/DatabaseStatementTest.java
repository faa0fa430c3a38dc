package nobrec.server.writeback;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import nobrec.server.platform.outbox.OutboxWorker;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Another database that is written by a statement of the shop's. */
class DatabaseStatementTest extends WriteBackServerTest {

    @Autowired
    private OutboxWorker worker;

    @Test
    void aDatabaseIsWrittenByAStatementOfTheShopsAndReadBeforeIt() {
        String heading = new String(demoFile("orders-tuesday.csv"), StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElseThrow();
        String row =
                "\r\nWBD-1,Quillfeather Packaging,D-5004,Quillfeather Packaging,Dock,88 Carding Lane,,Madison,WI,53703,US,"
                        + "(608) 555-0142,,12/04/2026,Plover Ground,we pay and bill,SK-3,Seal kit,5,0.5,\r\n";
        drop("orders.csv", (heading + row).getBytes(StandardCharsets.UTF_8));
        ObjectNode plan = (ObjectNode) plan("left_by", "{service}", "parcels", "{tracking}", "freight", "{cost}");
        plan.put("number", "{customer PO}");
        plan.put(
                "statement",
                "UPDATE shop_order SET left_by = :left_by, parcels = :parcels, freight = :freight WHERE job_no = :number");
        plan.put("reading", "SELECT left_by, parcels, freight FROM shop_order WHERE job_no = :number");
        String code = connect("Orders of the shop", plan);
        ship(weighed(json(send("POST", "/api/v1/shipments", Map.of("job", "WBD-1")))));
        awaitWritten(code, "DONE");
        JsonNode preview = json(send(
                "POST",
                PATH + "/" + code + "/preview",
                Map.of("job", "WBD-1", "plan", plan),
                "admin",
                "ADMINISTRATOR"));
        assertThat(preview.path("changes").valueStream())
                .hasSize(3)
                .allMatch(each -> each.path("standing")
                        .asString("?")
                        .equals(each.path("fresh").asString()));
        assertThat(preview.path("changes").get(0).path("standing").asString()).isEqualTo("Plover Ground");
        plan.put("number", "none of {job}");
        keep(code, plan);
        send("POST", PATH + "/" + code + "/jobs", Map.of("jobs", List.of("WBD-1")));
        awaitWritten(code, "FAILED");
        assertThat(get("/api/v1/postings?state=FAILED&target=" + code)
                        .path("rows")
                        .get(0)
                        .path("answer")
                        .asString())
                .startsWith("It would change 0 rows for number none of WBD-1");
        keepActive(code, plan, false);
    }

    private void awaitWritten(String code, String state) {
        await().atMost(LONG).untilAsserted(() -> {
            worker.run();
            assertThat(get("/api/v1/postings?target=" + code)
                            .path("rows")
                            .get(0)
                            .path("state")
                            .asString())
                    .isEqualTo(state);
        });
    }

    private void keepActive(String code, JsonNode plan, boolean active) {
        Map<String, Object> entry =
                Map.of("version", target(code).path("entry").path("version").asInt(), "active", active, "plan", plan);
        assertThat(send("PUT", PATH + "/" + code, entry, "admin", "ADMINISTRATOR"))
                .hasStatusOk();
    }

    private String connect(String name, JsonNode plan) {
        String address = System.getenv("NOBREC_TEST_DB") + "nobrec_shop";
        JsonNode after = json(send("POST", PATH, entry(name, address, plan), "admin", "ADMINISTRATOR"));
        return after.path("targets")
                .valueStream()
                .filter(each -> each.path("name").asString().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError(after))
                .path("code")
                .asString();
    }

    private static Map<String, Object> entry(String name, String address, JsonNode plan) {
        return Map.of(
                "name",
                name,
                "adapter",
                "database-statement",
                "address",
                address,
                "userName",
                "nobrec_shop_orders",
                "secret",
                "heron-view",
                "plan",
                plan);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "DELETE FROM shop_order WHERE job_no = :number | It does not begin with UPDATE or INSERT.",
                "UPDATE shop_order SET left_by = :via WHERE job_no = :number | It asks for :via, and there is no such field.",
                "UPDATE shop_order SET left_by = :left_by | It does not ask for :number, so it would meet every job.",
                "UPDATE shop_order SET left_by = ? WHERE job_no = :number | There is a “?” in it.",
                "UPDATE a SET b = :left_by WHERE c = :number; DROP TABLE d | There is a “;” in it.",
                "UPDATE a SET b = 'x WHERE c = :number | A quote in it is not closed.",
                "UPDATE a SET b = :left_by -- WHERE c = :number | There is a comment in it."
            })
    void aStatementThatDoesNotDoIsRefusedInPlainWords(String statement, String reason) {
        ObjectNode plan = (ObjectNode) plan("left_by", "{service}");
        plan.put("statement", statement);
        JsonNode refused = json(send(
                "POST",
                PATH,
                entry("Refused", System.getenv("NOBREC_TEST_DB") + "nobrec_shop", plan),
                "admin",
                "ADMINISTRATOR"));
        assertThat(refused.toString()).contains(JSON.writeValueAsString(reason).replaceAll("^\"|\"$", ""));
    }
}
