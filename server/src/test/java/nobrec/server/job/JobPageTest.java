package nobrec.server.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.net.URI;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

class JobPageTest extends ServerTest {

    private MvcTestResult edit(String job, String field, String before, String text) {
        return send(
                "PUT",
                "/api/v1/work-orders/one/entries?job=" + job,
                Map.of("entries", List.of(Map.of("field", field, "line", 0, "before", before, "text", text))));
    }

    private static String field(JsonNode job, String field) {
        for (JsonNode each : job.path("fields")) {
            if (each.path("field").asString().equals(field)) {
                return each.path("text").asString();
            }
        }
        throw new AssertionError("The page has no field " + field);
    }

    private JsonNode page(String job) {
        return get("/api/v1/work-orders/one?job=" + job);
    }

    @Test
    void aPageHasLinesShipmentsPapersNotesAndWhoDidWhat() {
        ship(weighedJob("JP-1", "Plover Ground"));
        json(send("POST", "/api/v1/work-orders/one/notes?job=JP-1", Map.of("text", "Dock is closed on Friday.")));
        JsonNode job = page("JP-1");
        assertThat(job.path("lines").get(0).path("ordered").asInt()).isEqualTo(5);
        assertThat(job.path("lines").get(0).path("shipped").asInt()).isEqualTo(5);
        JsonNode shipment = job.path("shipments").get(0);
        assertThat(shipment.path("service").asString()).isEqualTo("Plover Ground");
        assertThat(shipment.path("trackingNumbers")).hasSize(1);
        assertThat(shipment.path("papers")).hasSizeGreaterThanOrEqualTo(2);
        assertThat(job.path("notes").get(0).path("text").asString()).isEqualTo("Dock is closed on Friday.");
        assertThat(job.path("history"))
                .anySatisfy(entry -> assertThat(entry.path("act").asString()).isEqualTo("shipped"));
        assertThat(job.path("mayEdit").asBoolean()).isFalse();
        assertThat(edit("JP-1", "PHONE", "", "(608) 555-0199")).hasStatus(HttpStatus.CONFLICT);
    }

    @Test
    void theSecondOfTwoIsToldAndShownWhatTheFirstWrote() {
        bringIn("JP-2", "Plover Ground");
        String before = field(page("JP-2"), "STREET");
        assertThat(edit("JP-2", "STREET", before, "90 Carding Lane")).hasStatusOk();
        MvcTestResult second = send(
                "PUT",
                "/api/v1/work-orders/one/entries?job=JP-2",
                Map.of(
                        "entries",
                        List.of(Map.of("field", "STREET", "line", 0, "before", before, "text", "91 Carding Lane"))),
                "tobin",
                "COORDINATOR");
        assertThat(second).hasStatus(HttpStatus.CONFLICT);
        assertThat(json(second).toString()).contains("90 Carding Lane").contains("Ines");
        assertThat(field(page("JP-2"), "STREET")).isEqualTo("90 Carding Lane");
        assertThat(edit("JP-2", "PHONE", "(608) 555-0142", "(608) 555-0100"))
                .as("another field is nobody's conflict")
                .hasStatusOk();
    }

    @ParameterizedTest
    @CsvSource({
        "PROMISE_DATE, 12/04/2026, 12/9/2026, 12/09/2026",
        "TERMS, we pay and bill, receiver pays, receiver pays",
        "SERVICE, Plover Ground, dunlin two day, Dunlin Two Day",
        "COUNTRY, US, Canada, CA",
        "NOTES, '', =1+1, =1+1",
        "MAIL, '', dock@quillfeather.example, dock@quillfeather.example",
    })
    void aFieldIsReadAsInAFile(String name, String before, String text, String kept) {
        String job = "JP-3" + name.charAt(0) + name.length();
        bringIn(job, "Plover Ground");
        assertThat(edit(job, name, before, text)).hasStatusOk();
        assertThat(field(page(job), name)).isEqualTo(kept);
    }

    @ParameterizedTest
    @CsvSource({
        "PROMISE_DATE, 12/04/2026, next week",
        "TERMS, we pay and bill, somebody pays",
        "COUNTRY, US, Atlantis",
        "ORDER_NUMBER, JP-4, JP-5",
        "QUANTITY, 5, 500",
        "HOLD, '', because",
    })
    void whatCannotBeReadOrIsNotOursIsRefused(String name, String before, String text) {
        bringIn("JP-4", "Plover Ground");
        MvcTestResult refused = edit("JP-4", name, before, text);
        assertThat(refused).hasStatus4xxClientError();
        assertThat(json(refused).path("detail").asString()).isNotEmpty();
    }

    @Test
    void aCorrectionReachesWhatIsOpenOnTheBenchAndLeavesItsPackages() {
        JsonNode bench = weighedJob("JP-6", "Plover Ground");
        assertThat(send(
                        "PUT",
                        "/api/v1/work-orders/one/entries?job=JP-6",
                        Map.of(
                                "entries",
                                List.of(
                                        Map.of("field", "COMPANY", "line", 0, "text", "Quillfeather Boxes"),
                                        Map.of("field", "UNIT_WEIGHT", "line", 1, "text", "0.6")))))
                .hasStatusOk();
        JsonNode after = get("/api/v1/shipments?job=JP-6");
        assertThat(after.path("shipTo").path("company").asString()).isEqualTo("Quillfeather Boxes");
        assertThat(after.path("packages")).isEqualTo(after.path("packages")).hasSameSizeAs(bench.path("packages"));
        assertThat(after.path("packages").get(0).path("weight").isMissingNode()).isFalse();
    }

    @Test
    void holdsHaveAReasonAndNotesAreTheirWriters() {
        bringIn("JP-7", "Plover Ground");
        Map<String, Object> hold = Map.of("jobs", List.of("JP-7"), "reason", "Credit");
        assertThat(json(send("POST", "/api/v1/work-orders/holds", hold))
                        .path("done")
                        .asInt())
                .isOne();
        assertThat(json(send("POST", "/api/v1/work-orders/holds", hold))
                        .path("refused")
                        .get(0)
                        .path("reason")
                        .asString())
                .contains("Credit");
        assertThat(page("JP-7").path("hold").asString()).isEqualTo("Credit");
        assertThat(send("POST", "/api/v1/work-orders/holds", Map.of("jobs", List.of("JP-7"), "reason", " ")))
                .hasStatus4xxClientError();
        JsonNode noted = json(send("POST", "/api/v1/work-orders/one/notes?job=JP-7", Map.of("text", "Call first.")));
        String note = "/api/v1/work-orders/one/notes/"
                + noted.path("notes").get(0).path("id").asLong() + "?job=JP-7";
        assertThat(send("DELETE", note, null, "tobin", "COORDINATOR")).hasStatus4xxClientError();
        assertThat(send("DELETE", note, null)).hasStatusOk();
        assertThat(edit("JP-7", "PHONE", "(608) 555-0142", "").getResponse().getStatus())
                .isEqualTo(200);
        assertThat(send(
                        "PUT",
                        "/api/v1/work-orders/one/entries?job=JP-7",
                        Map.of("entries", List.of(Map.of("field", "PHONE", "line", 0, "text", "1"))),
                        "rufus",
                        "PACKER"))
                .hasStatus(HttpStatus.FORBIDDEN);
    }

    @Test
    void aJobIsTypedWithItsOwnNumberOrTheNextFreeOne() {
        Map<String, Object> typed = Map.of(
                "number",
                "",
                "entries",
                List.of(
                        Map.of("field", "COMPANY", "text", "Quillfeather Packaging"),
                        Map.of("field", "STREET", "text", "88 Carding Lane"),
                        Map.of("field", "CITY", "text", "Madison"),
                        Map.of("field", "STATE", "text", "Wisconsin"),
                        Map.of("field", "POSTAL_CODE", "text", "53703"),
                        Map.of("field", "SERVICE", "text", "plover ground"),
                        Map.of("field", "CUSTOMER", "text", "=cmd")),
                "lines",
                List.of(Map.of(
                        "entries",
                        List.of(
                                Map.of("field", "ITEM", "text", "JP-SAMPLE"),
                                Map.of("field", "QUANTITY", "text", "3"),
                                Map.of("field", "UNIT_WEIGHT", "text", "1 lb 4 oz")))));
        String first =
                json(send("POST", "/api/v1/work-orders", typed)).path("number").asString();
        assertThat(first).startsWith("W-");
        assertThat(get("/api/v1/work-orders/next-number").path("number").asString())
                .isNotEqualTo(first);
        Map<String, Object> same = new HashMap<>(typed);
        same.put("number", first);
        assertThat(send("POST", "/api/v1/work-orders", same)).hasStatus(HttpStatus.CONFLICT);
        List<String> numbers = IntStream.range(0, 6)
                .parallel()
                .mapToObj(each -> json(send("POST", "/api/v1/work-orders", typed))
                        .path("number")
                        .asString())
                .toList();
        assertThat(numbers).doesNotHaveDuplicates().doesNotContain(first, "");
        JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", first)));
        assertThat(bench.path("customer").asString()).isEqualTo("=cmd");
        json(send(
                "PUT", "/api/v1/shipments/" + bench.path("id").asLong() + "/packages/1/weight", Map.of("text", "4.2")));
        assertThat(ship(get("/api/v1/shipments?job=" + first))).hasStatusOk();
        assertThat(get("/api/v1/postings?job=" + first).path("rows"))
                .as("nobody else has a record of it to be told of")
                .allMatch(row ->
                        List.of("JOURNAL", "BOOKING").contains(row.path("kind").asString()));
        Map<String, Object> nothing = new HashMap<>(typed);
        nothing.put("lines", List.of(Map.of("entries", List.of(Map.of("field", "QUANTITY", "text", "none")))));
        assertThat(send("POST", "/api/v1/work-orders", nothing)).hasStatus4xxClientError();
    }

    @ParameterizedTest
    @ValueSource(strings = {"JP/8", "JP 8;a", "JP%8", "JP#8", "../JP", "JP\\\\8"})
    void aNumberMayHoldAnySign(String number) {
        bringIn(number, "Plover Ground");
        String job = URLEncoder.encode(number, StandardCharsets.UTF_8).replace("+", "%20");
        URI page = URI.create("/api/v1/work-orders/one?job=" + job);
        assertThat(mvc.get().uri(page).with(user(INES).roles("COORDINATOR")).exchange())
                .hasStatusOk();
        assertThat(json(mvc.get()
                                .uri(page)
                                .with(user(INES).roles("COORDINATOR"))
                                .exchange())
                        .path("number")
                        .asString())
                .isEqualTo(number);
    }
}
