package nobrec.server.attention;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.StreamSupport;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.server.workorder.WorkOrders;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import tools.jackson.databind.JsonNode;

class NeedsAttentionTest extends ServerTest {

    private static final String HEADING =
            "Order No,Customer,Ship To,Street,City,State,ZIP,Country,Phone,Promise,Ship Via,Item,"
                    + "Description,Qty,Qty Ready,Unit Wt lb,Unit Value,HS Code,Origin,Hold";

    @Autowired
    private WorkOrders workOrders;

    @Autowired
    private OutboxWorker worker;

    private void bring(String... rows) {
        drop("attention.csv", (HEADING + "\r\n" + String.join("\r\n", rows) + "\r\n").getBytes(StandardCharsets.UTF_8));
    }

    private static String row(String number, String place, String service, String piece) {
        return number + ",NA Works,NA Works," + place + ",(520) 555-0142,12/03/2026," + service + "," + piece;
    }

    /** What is listed of a job, as {@code KIND: field}. */
    private List<String> listed(String job) {
        List<String> listed = new ArrayList<>();
        rows("").forEach(row -> {
            if (row.path("job").asString().equals(job)) {
                listed.add(row.path("kind").asString() + ": "
                        + row.path("field").path("field").asString(""));
            }
        });
        return listed;
    }

    private List<JsonNode> rows(String query) {
        List<JsonNode> rows = new ArrayList<>();
        String next = "";
        do {
            JsonNode page = get("/api/v1/attention?limit=50&cursor=" + next + query);
            page.path("rows").forEach(rows::add);
            next = page.path("next").asString("");
        } while (!next.isEmpty());
        return rows;
    }

    private JsonNode entry(String job, String field, int line, String before, String text) {
        return json(send(
                "PUT",
                "/api/v1/work-orders/one/entries?job=" + job,
                Map.of("entries", List.of(Map.of("field", field, "line", line, "before", before, "text", text)))));
    }

    @Test
    void everyReasonIsListedWithItsFieldAndLeavesOnceItIsCorrected() {
        bring(
                row("NA-1", "8 Mill Road,Tucson,NV,85701,US", "Plover Ground", "NA-BOLT,Bolt,4,,0.2,3,7318.15,US,"),
                row("NA-2", "8 Mill Road,Tucson,AZ,85701,US", "Plover Ground", "NA-NUT,Nut,4,,,3,7318.16,US,"),
                row(
                        "NA-3",
                        "8 Mill Road,Tucson,AZ,85701,US",
                        "Plover Ground",
                        "NA-BOLT,Bolt,4,1,0.2,3,7318.15,US,wait for Ines"),
                row("NA-4", "8 Mill Road,Toronto,ON,M5V 2T6,CA", "Plover Ground", "NA-PIN,Pin,4,,0.2,,,,"),
                row("NA-5", "8 Mill Road,Tucson,AZ,85701,US", "Nobody Knows Me", "NA-BOLT,Bolt,4,,0.2,3,7318.15,US,"));

        assertThat(listed("NA-1")).containsExactly("ADDRESS: STATE");
        assertThat(listed("NA-2")).containsExactly("WEIGHT: UNIT_WEIGHT");
        assertThat(listed("NA-3")).containsExactlyInAnyOrder("HOLD: HOLD", "SHORT: QUANTITY_READY");
        assertThat(listed("NA-4"))
                .containsExactlyInAnyOrder("CUSTOMS: HS_CODE", "CUSTOMS: ORIGIN", "CUSTOMS: UNIT_VALUE");
        assertThat(listed("NA-5")).containsExactly("WORD: ");
        assertThat(StreamSupport.stream(
                                get("/api/v1/work-orders?attention=any&number=NA-")
                                        .path("rows")
                                        .spliterator(),
                                false)
                        .map(row -> row.path("number").asString()))
                .containsExactly("NA-1", "NA-2", "NA-3", "NA-4", "NA-5");

        entry("NA-1", "STATE", 0, "NV", "Arizona");
        assertThat(listed("NA-1")).isEmpty();
        entry("NA-2", "UNIT_WEIGHT", 1, "", "3 oz");
        assertThat(listed("NA-2")).isEmpty();
        entry("NA-3", "QUANTITY_READY", 1, "1", "4");
        send("POST", "/api/v1/work-orders/releases", Map.of("jobs", List.of("NA-3")));
        assertThat(listed("NA-3")).isEmpty();
        entry("NA-4", "HS_CODE", 1, "", "7318.24");
        assertThat(listed("NA-4")).containsExactlyInAnyOrder("CUSTOMS: ORIGIN", "CUSTOMS: UNIT_VALUE");
        entry("NA-5", "SERVICE", 0, "", "plover ground");
        assertThat(listed("NA-5")).isEmpty();
    }

    @Test
    void aReasonIsCountedAndListedAloneAndWhatWasMeantIsProposed() {
        bring(row("NB-11", "8 Mill Road,Tucson,AZ,85107,US", "Plover Ground", "NA-BOLT,Bolt,4,,0.2,3,7318.15,US,"));
        List<JsonNode> addresses = rows("&kind=ADDRESS");
        assertThat(addresses).allMatch(row -> row.path("kind").asString().equals("ADDRESS"));
        assertThat(addresses)
                .filteredOn(row -> row.path("job").asString().equals("NB-11"))
                .singleElement()
                .satisfies(row -> assertThat(
                                row.path("proposed").path("postalCode").asString())
                        .isEqualTo("85707"));
        assertThat(get("/api/v1/attention").path("counts")).anySatisfy(count -> {
            assertThat(count.path("kind").asString()).isEqualTo("ADDRESS");
            assertThat(count.path("jobs").asInt()).isGreaterThan(0);
        });
        assertThat(
                        mvc.get()
                                .uri("/api/v1/attention?cursor=nonsense")
                                .with(org.springframework.security.test.web.servlet.request
                                        .SecurityMockMvcRequestPostProcessors.user(INES)
                                        .roles("COORDINATOR")))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @Test
    void whatTheCarrierRefusesIsListedUntilItIsAskedAgain() {
        JsonNode bench = weighedJob("NR-21", "Plover Ground");
        workOrders.labelRefused(workOrders.idOf("NR-21"));
        assertThat(listed("NR-21")).containsExactly("LABEL: ");
        ship(bench);
        // A carrier that answers late has the shipment go on by itself.
        Awaitility.await().atMost(Duration.ofSeconds(60)).untilAsserted(() -> {
            worker.run();
            assertThat(listed("NR-21")).isEmpty();
        });
    }

    @Test
    void oneValueForSeveralIsRefusedOnlyWhereItDoesNotFit() {
        bring(
                row("NA-31", "8 Mill Road,Tucson,AZ,85701,US", "Plover Ground", "NA-CAP,Cap,4,,,3,7318.15,US,"),
                row("NA-32", "8 Mill Road,Tucson,AZ,85701,US", "Plover Ground", "NA-CAP,Cap,4,,,3,7318.15,US,"));
        JsonNode done = json(send(
                "POST",
                "/api/v1/work-orders/entries",
                Map.of(
                        "field",
                        "UNIT_WEIGHT",
                        "text",
                        "0.4",
                        "jobs",
                        List.of(
                                Map.of("job", "NA-31", "line", 1),
                                Map.of("job", "NA-32", "line", 1),
                                Map.of("job", "NA-32", "line", 7),
                                Map.of("job", "NA-99", "line", 1)))));
        assertThat(done.path("done").asInt()).isEqualTo(2);
        assertThat(done.path("refused")).hasSize(2);
        assertThat(listed("NA-31")).isEmpty();
        assertThat(listed("NA-32")).isEmpty();
    }
}
