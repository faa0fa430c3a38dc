package nobrec.server.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpStatus;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** What freight would cost is asked, kept, and taken into a job and its invoice. */
class FreightQuotesTest extends ServerTest {

    private static final String QUOTES = "/api/v1/freight-quotes";

    private static Map<String, String> entry(String field, String text) {
        return Map.of("field", field, "text", text);
    }

    private String request(String number) {
        return json(send(
                        "POST",
                        "/api/v1/work-orders",
                        Map.of(
                                "number",
                                number,
                                "request",
                                true,
                                "entries",
                                List.of(
                                        entry("CUSTOMER", "Moorhen Mills"),
                                        entry("COMPANY", "Moorhen Mills LLC"),
                                        entry("STREET", "6 Weir Lane"),
                                        entry("CITY", "Madison"),
                                        entry("STATE", "WI"),
                                        entry("POSTAL_CODE", "53703"),
                                        entry("SERVICE", "Plover Ground")),
                                "lines",
                                List.of(Map.of(
                                        "entries",
                                        List.of(
                                                entry("DESCRIPTION", "Rod"),
                                                entry("QUANTITY", "2"),
                                                entry("UNIT_WEIGHT", "3 lb")))))))
                .path("number")
                .asString();
    }

    private JsonNode quotes(String job) {
        return get(QUOTES + "?job=" + job);
    }

    private static String pays(JsonNode quotes) {
        return quotes.path("now").path("customerPays").path("amount").asString();
    }

    private MvcTestResult keep(String job, String pays, String until) {
        return send("POST", QUOTES, Map.of("job", job, "customerPays", pays, "validUntil", until));
    }

    private MvcTestResult take(long id, String job, boolean held) {
        return send("POST", QUOTES + "/" + id + "/taken", Map.of("job", job, "held", held));
    }

    private long kept(String job) {
        assertThat(keep(job, pays(quotes(job)), "2026-12-15")).hasStatusOk();
        return quotes(job).path("rows").get(0).path("id").asLong();
    }

    @Test
    void aRequestHasItsPriceAtOnceAndGoesNowhere() {
        request("FQ-1");
        JsonNode bench = get("/api/v1/shipments?job=FQ-1");
        assertThat(bench.path("packages").size()).isPositive();
        assertThat(chosen(bench).path("total").path("amount").asString()).isNotEmpty();
        assertThat(pays(quotes("FQ-1")))
                .isEqualTo(bench.path("charge").path("total").path("amount").asString());
        assertThat(get("/api/v1/departures").toString()).doesNotContain("FQ-1");
        JsonNode open = json(send("POST", "/api/v1/shipments", Map.of("job", "FQ-1")));
        JsonNode weighed = json(send(
                "PUT",
                "/api/v1/shipments/" + open.path("id").asLong() + "/packages/1/weight",
                Map.of("text", "7", "sure", true)));
        assertThat(ship(weighed)).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(database.queryForObject("SELECT status FROM work_order WHERE number = 'FQ-1'", String.class))
                .isEqualTo("REQUEST");
        assertThat(send("POST", QUOTES + "/requests-taken", Map.of("job", "FQ-1")))
                .hasStatusOk();
        assertThat(send("POST", QUOTES + "/requests-taken", Map.of("job", "FQ-1")))
                .hasStatus(HttpStatus.CONFLICT);
        assertThat(ship(get("/api/v1/shipments?job=FQ-1"))).hasStatusOk();
    }

    @Test
    void aQuoteIsHeldToInTheJobThatComesAndTheDifferenceIsSaid() {
        request("FQ-2");
        long quote = kept("FQ-2");
        String quoted = quotes("FQ-2")
                .path("rows")
                .get(0)
                .path("customerPays")
                .path("amount")
                .asString();
        bringIn("FQ-3", "Plover Ground", 40);
        String before = get("/api/v1/shipments?job=FQ-3")
                .path("charge")
                .path("total")
                .path("amount")
                .asString();
        assertThat(take(quote, "FQ-2", true)).as("a request itself").hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(take(quote, "FQ-3", true)).hasStatusOk();
        JsonNode charge = get("/api/v1/shipments?job=FQ-3").path("charge");
        assertThat(charge.path("total").path("amount").asString()).isEqualTo(quoted);
        BigDecimal more = new BigDecimal(before).subtract(new BigDecimal(quoted));
        assertThat(more).isPositive();
        assertThat(charge.path("reason").asString())
                .isEqualTo("The quote is held to. Without it " + before + ": it is " + more + " more now.");
        assertThat(take(quote, "FQ-3", true)).as("once").hasStatus(HttpStatus.CONFLICT);
        assertThat(quotes("FQ-3").path("rows").get(0).path("madeFor").asString())
                .isEqualTo("FQ-2");
    }

    @Test
    void anEstimateIsOnlySaid() {
        drop("FQ-4.csv", """
                Order No,Customer,Ship To,Street,City,State,ZIP,Country,Ship Via,Item,Qty,Unit Wt lb
                FQ-4,Moorhen Mills,Moorhen Mills LLC,6 Weir Lane,Madison,WI,53703,US,Plover Ground,FQ-A,2,0.5
                """.getBytes(StandardCharsets.UTF_8));
        String quoted = pays(quotes("FQ-4"));
        assertThat(take(kept("FQ-4"), "FQ-4", false)).hasStatusOk();
        JsonNode charge = get("/api/v1/shipments?job=FQ-4").path("charge");
        assertThat(charge.path("total").path("amount").asString()).isEqualTo(quoted);
        assertThat(charge.path("reason").asString()).endsWith("Quoted were " + quoted + ".");
    }

    @Test
    void whatIsNotSoAnyMoreIsRefused() {
        request("FQ-5");
        assertThat(keep("FQ-5", "0.01", "2026-12-15")).as("not as it was seen").hasStatus(HttpStatus.CONFLICT);
        assertThat(keep("FQ-5", pays(quotes("FQ-5")), "2026-11-30")).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(keep("FQ-5", pays(quotes("FQ-5")), "2028-01-01")).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        long quote = kept("FQ-5");
        database.update("UPDATE freight_quote SET valid_until = '2026-11-30' WHERE id = ?", quote);
        bringIn("FQ-6", "Plover Ground", 4);
        assertThat(take(quote, "FQ-6", true)).as("over").hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(send(
                        "POST",
                        QUOTES + "/" + quote + "/taken",
                        Map.of("job", "FQ-6", "held", true),
                        "rufus",
                        "PACKER"))
                .hasStatus(HttpStatus.FORBIDDEN);
    }
}
