package nobrec.server.orderfile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** Files that are read in the background: cut off and gone on with, stopped, had back, and read by layouts of their own. */
class FileTasksTest extends ServerTest {

    private static byte[] file(String... lines) {
        return String.join("\n", lines).getBytes(StandardCharsets.UTF_8);
    }

    /** 4,000 good work orders and a bad one at the end. */
    private static byte[] large(String prefix) {
        return file(
                "Order No,Customer,Qty,Unit Wt lb",
                IntStream.range(0, 4_000)
                        .mapToObj(number -> prefix + number + ",Lowmoor,1,0.5")
                        .collect(Collectors.joining("\n")),
                prefix + "bad,Lowmoor,none,0.5");
    }

    private int here(String prefix) {
        Integer count = database.queryForObject(
                "SELECT COUNT(*) FROM work_order WHERE number LIKE ?", Integer.class, prefix + "%");
        return count == null ? 0 : count;
    }

    /** As a server leaves it that was killed when the portion up to that row was kept. */
    private long cutOff(String prefix, boolean stopped) {
        long id = json(drop(prefix + ".csv", large(prefix)))
                .path("run")
                .path("id")
                .asLong();
        database.update(
                "DELETE l FROM work_order_line l JOIN work_order w ON w.id = l.work_order_id"
                        + " WHERE w.number LIKE ? AND CAST(SUBSTRING(w.number, ?) AS UNSIGNED) >= 2000",
                prefix + "%",
                prefix.length() + 1);
        database.update(
                "DELETE a FROM job_attention a JOIN work_order w ON w.id = a.work_order_id"
                        + " WHERE w.number LIKE ? AND CAST(SUBSTRING(w.number, ?) AS UNSIGNED) >= 2000",
                prefix + "%",
                prefix.length() + 1);
        database.update(
                "DELETE FROM work_order WHERE number LIKE ? AND CAST(SUBSTRING(number, ?) AS UNSIGNED) >= 2000",
                prefix + "%",
                prefix.length() + 1);
        database.update("UPDATE import_run SET state = 'READING', taken = 2000, left_out = 0 WHERE id = ?", id);
        database.update("DELETE FROM import_fault WHERE import_run_id = ?", id);
        database.update(
                "UPDATE background_task SET state = 'RUNNING', ended_at = NULL, lease_ends = made_at, stop_requested = ?,"
                        + " progress = '{\"row\":2001,\"taken\":2000,\"recognized\":0,\"leftOut\":0,\"faults\":0,\"kept\":0}'"
                        + " WHERE id = (SELECT task_id FROM import_run WHERE id = ?)",
                stopped,
                id);
        drop("wakes.csv", file("Order No", prefix + "wakes"));
        awaitTasks();
        return id;
    }

    @Test
    void oneThatWasCutOffGoesOnWhereItStoodAndNothingIsInTwice() {
        long id = cutOff("KL-", false);
        JsonNode run = get("/api/v1/imports/" + id).path("run");
        assertThat(here("KL-")).isEqualTo(4_001);
        assertThat(run.path("taken").asInt()).isEqualTo(4_000);
        assertThat(run.path("recognized").asInt()).isZero();
        assertThat(run.path("leftOut").asInt()).isEqualTo(1);
        assertThat(run.path("faults")).hasSize(1);
    }

    @Test
    void oneThatIsStoppedKeepsWhatCameIn() {
        long id = cutOff("ST-", true);
        assertThat(get("/api/v1/imports/" + id)
                        .path("run")
                        .path("task")
                        .path("state")
                        .asString())
                .isEqualTo("STOPPED");
        assertThat(here("ST-")).isEqualTo(2_001);
    }

    @Test
    void whatStayedOutComesBackWithTheReasonAndGoesInCorrected() {
        JsonNode run = json(drop(
                        "mixed.csv",
                        file("Order No,Customer,Qty", "LO-1,=cmd,1", "LO-2,B,none", "LO-2,B,2", "LO-3,C,3")))
                .path("run");
        assertThat(run.path("kept").asBoolean()).isTrue();
        MvcTestResult back = mvc.get()
                .uri("/api/v1/imports/" + run.path("id").asLong() + "/left-out")
                .with(user(INES).roles("COORDINATOR"))
                .exchange();
        String text = new String(back.getResponse().getContentAsByteArray(), StandardCharsets.UTF_8);
        List<String> lines = text.replace("\uFEFF", "").lines().toList();
        assertThat(lines.get(0)).isEqualTo("Order No,Customer,Qty,Why it stayed out");
        assertThat(lines.get(1)).startsWith("LO-2,B,none,\"Qty: This is no whole number");
        assertThat(lines.get(2)).isEqualTo("LO-2,B,2,Another row of this work order has a fault.");
        JsonNode again = json(drop("corrected.csv", text.replace("none", "5").getBytes(StandardCharsets.UTF_8)))
                .path("run");
        assertThat(again.path("taken").asInt()).isEqualTo(1);
    }

    @Test
    void aLayoutIsSavedForItsHeadingAndTwoPeopleDoNotUndoEachOther() {
        byte[] unknown = file("Ticket;Rack;Pcs", "LY-1;B4;2");
        long id = json(dropOnly("unknown.csv", unknown)).path("run").path("id").asLong();
        JsonNode columns = get("/api/v1/imports/" + id + "/columns");
        assertThat(columns.path("columns").get(1).path("samples").get(0).asString())
                .isEqualTo("B4");
        Map<String, Object> layout = layout(
                "Tickets",
                List.of(
                        Map.of("heading", "Ticket", "field", "ORDER_NUMBER"),
                        Map.of("heading", "Rack", "field", "CUSTOM", "custom", "Rack")));
        JsonNode preview = json(send("POST", "/api/v1/imports/" + id + "/preview", layout));
        assertThat(preview.path("first").get(0).toString()).contains("\"name\":\"Rack\",\"text\":\"B4\"");
        assertThat(send("POST", "/api/v1/imports/" + id + "/reading", Map.of("layout", layout, "save", true)))
                .hasStatusOk();
        awaitTasks();
        assertThat(json(drop("unknown-2.csv", file("TICKET;rack;Pcs", "LY-2;B5;1")))
                        .path("run")
                        .path("taken")
                        .asInt())
                .isEqualTo(1);
        assertThat(send("POST", "/api/v1/imports/" + id + "/reading", Map.of("layout", layout, "save", false)))
                .hasStatus(HttpStatus.CONFLICT);
        JsonNode saved = get("/api/v1/layouts").path("rows").get(0);
        String address = "/api/v1/layouts/" + saved.path("id").asLong();
        Map<String, Object> change = Map.of("version", saved.path("version").asInt(), "layout", layout);
        assertThat(send("PUT", address, change)).hasStatusOk();
        assertThat(json(send("PUT", address, change)).path("detail").asString())
                .isEqualTo("ines has changed it since you opened it.");
        assertThat(send("DELETE", address, null)).hasStatusOk();
    }

    @Test
    void oneColumnInTwoFieldsIsRefusedByName() {
        Map<String, Object> layout = layout(
                "Twice",
                List.of(Map.of("heading", "A", "field", "ORDER_NUMBER"), Map.of("heading", "a ", "field", "CUSTOMER")));
        assertThat(json(send("POST", "/api/v1/layouts", layout)).path("detail").asString())
                .matches("Column “[aA] ?” feeds two fields: Customer and Job number\\.");
    }

    @Test
    void oneAnswerFreesAllJobsOfAWordAndCountsFromThenOn() {
        drop(
                "words.csv",
                file(
                        "Order No,Ship Via,Qty,Unit Wt lb",
                        "WB-1,Plv Grd,1,2 stn",
                        "WB-2,PLV  grd,1,1",
                        "WB-3,Plv Grd,1,1"));
        JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", "WB-1")));
        assertThat(bench.path("mayShip").asBoolean()).isFalse();
        assertThat(bench.path("checks").toString()).contains("Nobody has said yet what the service “Plv Grd”");
        assertThat(send(
                        "PUT",
                        "/api/v1/wordbook",
                        Map.of("source", "file", "kind", "SERVICE", "word", "Plv Grd", "meaning", "Plover Ground")))
                .hasStatusOk();
        assertThat(send(
                        "PUT",
                        "/api/v1/wordbook",
                        Map.of("source", "file", "kind", "UNIT", "word", "stn", "meaning", "kg")))
                .hasStatusOk();
        awaitTasks();
        assertThat(database.queryForList(
                        "SELECT requested_service FROM work_order WHERE number LIKE 'WB-%'", String.class))
                .containsExactly("Plover Ground", "Plover Ground", "Plover Ground");
        assertThat(get("/api/v1/work-orders?text=WB-1")
                        .path("rows")
                        .get(0)
                        .path("weight")
                        .path("text")
                        .asString())
                .isEqualTo("4.41 lb");
        drop("later.csv", file("Order No,Ship Via,Qty", "WB-4,plv grd,1"));
        assertThat(get("/api/v1/work-orders?text=WB-4")
                        .path("rows")
                        .get(0)
                        .path("requestedService")
                        .asString())
                .isEqualTo("Plover Ground");
        assertThat(send(
                        "PUT",
                        "/api/v1/wordbook",
                        Map.of("source", "file", "kind", "SERVICE", "word", "x", "meaning", "Nothing of ours")))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    /** RFC 4180; what a spreadsheet would run is harmless in it, and comes back as it was. */
    @Test
    void theListIsAFileThatReadsBackIn() {
        drop(
                "list.csv",
                file(
                        "Order No,Customer,Qty,Item,Description,Unit Wt lb,Unit Size in,Promise,Lots,Notes,Hold",
                        "EX-1,=1+1,6,SK-2,\"Seal, 2 in\",0.3,5x4x1,12/03/2026,A=4;B=2,dock 4,credit",
                        "EX-1,,2,@x,Bolt,1.25,,,,,"));
        String first = list("EX-");
        assertThat(first).contains("'=1+1", "'@x", "\"Seal, 2 in\"");
        drop("back.csv", first.replace("EX-1", "EY-1").getBytes(StandardCharsets.UTF_8));
        assertThat(list("EY-").replace("EY-1", "EX-1")).isEqualTo(first);
    }

    /** @param columns heading and field of each */
    private static Map<String, Object> layout(String name, List<?> columns) {
        return Map.of(
                "name", name,
                "shape", "LINE_A_ROW",
                "fixed", List.of(),
                "days", "MONTH_FIRST",
                "weightUnit", "POUND",
                "lengthUnit", "INCH",
                "decimals", "POINT",
                "country", "US",
                "columns", columns);
    }

    private String list(String text) {
        MvcTestResult file = mvc.get()
                .uri("/api/v1/work-orders/file?text=" + text)
                .with(user(INES).roles("COORDINATOR"))
                .exchange();
        return new String(file.getResponse().getContentAsByteArray(), StandardCharsets.UTF_8);
    }
}
