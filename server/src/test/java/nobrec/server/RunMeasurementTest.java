package nobrec.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.document.PaperAging;
import nobrec.server.document.ShipmentPapers;
import nobrec.server.shipment.Shipments;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.JsonNode;

/** A run of 500 jobs of one package beside drawing and keeping their papers alone, for {@code ./nobrec bench}. */
@EnabledIfSystemProperty(named = "nobrec.measurements", matches = ".+")
class RunMeasurementTest extends MeasurementTest {

    private static final int JOBS = 500;
    private static final int WARM = 60;

    @Autowired
    private Shipments shipments;

    @Autowired
    private ShipmentPapers papers;

    @Autowired
    private PaperAging aging;

    @Autowired
    private ServiceCatalog catalog;

    @Autowired
    private TransactionOperations transactions;

    private List<String> bring(String prefix, int count) {
        String heading = new String(demoFile("orders-tuesday.csv"), StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElseThrow();
        List<String> numbers = IntStream.rangeClosed(1, count)
                .mapToObj(number -> prefix + number)
                .toList();
        StringBuilder file = new StringBuilder(heading).append("\r\n");
        for (String number : numbers) {
            file.append(number)
                    .append(
                            ",Quillfeather Packaging,PO 9,Quillfeather Packaging,Dock,88 Carding Lane,,Madison,WI,53703,US,")
                    .append("(608) 555-0142,,12/04/2026,Godwit Parcel,we pay and bill,SK-3,Seal kit,5,0.5,\r\n");
        }
        drop("orders.csv", file.toString().getBytes(StandardCharsets.UTF_8));
        return numbers;
    }

    private JsonNode ready(List<String> jobs) {
        long id = json(send("POST", "/api/v1/runs", Map.of("jobs", jobs)))
                .path("id")
                .asLong();
        awaitLongTasks();
        for (int from = 0; from < jobs.size(); from += 25) {
            send(
                    "POST",
                    "/api/v1/runs/" + id + "/changes",
                    Map.of("jobs", jobs.subList(from, Math.min(jobs.size(), from + 25)), "weight", "3.1"));
        }
        return get("/api/v1/runs/" + id);
    }

    private double run(JsonNode run) {
        String path = "/api/v1/runs/" + run.path("id").asLong();
        double seconds = seconds(() -> {
            send("POST", path + "/start", Map.of());
            awaitLongTasks();
        });
        assertThat(get(path).path("totals").path("shipped").asInt())
                .isEqualTo(run.path("rows").size());
        return seconds;
    }

    /** All that the database was asked since its start, by whomever; sweeps are among them. */
    private long statements() {
        return sql.sql("SELECT SUM(variable_value) FROM information_schema.global_status WHERE variable_name IN"
                        + " ('COM_SELECT', 'COM_INSERT', 'COM_INSERT_SELECT', 'COM_UPDATE', 'COM_UPDATE_MULTI', 'COM_DELETE',"
                        + " 'COM_DELETE_MULTI')")
                .query(Long.class)
                .single();
    }

    /** Bytes in tables and indexes, pages half full included; papers packed as they are after some minutes. */
    private long stored() {
        while (aging.packMadeBefore(Instant.now().plus(Duration.ofDays(1_000))) > 0) {
            sql.sql("SELECT 1").query().listOfRows();
        }
        sql.sql("OPTIMIZE TABLE paper").query().listOfRows();
        sql.sql("SELECT table_name FROM information_schema.tables WHERE table_schema = DATABASE()")
                .query(String.class)
                .list()
                .forEach(table ->
                        sql.sql("ANALYZE TABLE `" + table + "`").query().listOfRows());
        return sql.sql("SELECT SUM(data_length + index_length) FROM information_schema.tables"
                        + " WHERE table_schema = DATABASE()")
                .query(Long.class)
                .single();
    }

    private Map<String, Object> paperBytes() {
        return sql.sql("SELECT ROUND(AVG(IF(kind = 'LABEL', LENGTH(pdf), NULL))) AS label,"
                        + " ROUND(AVG(IF(kind = 'PACKING_SLIP', LENGTH(pdf), NULL))) AS slip FROM paper")
                .query()
                .singleRow();
    }

    private void awaitLongTasks() {
        Awaitility.await()
                .atMost(Duration.ofMinutes(10))
                .pollInterval(Duration.ofMillis(20))
                .until(() -> tasksUnderWay() == 0);
    }

    /** Draws the papers of each and keeps them, as shipping does. */
    private double papersAlone(List<Long> ids) {
        sql.sql("UPDATE paper SET void_by = id WHERE subject_kind = 'SHIPMENT'").update();
        return seconds(() -> {
            for (long id : ids) {
                Shipment shipment = shipments.byId(id);
                Jobs jobs = shipments.jobs(shipment);
                Runnable keep = papers.draw(
                        shipment,
                        jobs,
                        catalog.service(shipment.outcome().orElseThrow().serviceCode()),
                        Set.of());
                transactions.executeWithoutResult(status -> keep.run());
            }
        });
    }

    @Test
    void aRunOfFiveHundred() throws IOException {
        run(ready(bring("RMW-", WARM)));
        long empty = stored();
        JsonNode ready = ready(bring("RM-", JOBS));
        long before = statements();
        double run = run(ready);
        double perJob = (double) (statements() - before) / JOBS;
        List<Long> ids = sql.sql("SELECT shipment_id FROM run_job WHERE run_id = ? ORDER BY position")
                .param(ready.path("id").asLong())
                .query(Long.class)
                .list();
        Map<String, Object> bytes = paperBytes();
        double perJobStored = (double) (stored() - empty) / JOBS;
        Map<String, Object> packed = paperBytes();
        double alone = papersAlone(ids);
        report("""

                ## A run

                %d jobs of one package, shipped three at a time with a carrier's stand-in on this machine, beside drawing their
                labels and slips and inserting them alone.

                - the run: %.1f s, %.0f labels a minute (the aim: 1,000)
                - drawing and inserting alone: %.1f s; the run takes %.2f times that (at most 2 requested)
                - statements for each shipped job, with all that follows on it: %.1f (below 60 requested)
                - a label %s bytes, a slip %s bytes; packed %s and %s
                - stored for each shipped job, from its record to its postings: %.1f kB (below 40 kB requested)
                """.formatted(
                        JOBS,
                        run,
                        60 * JOBS / run,
                        alone,
                        run / alone,
                        perJob,
                        bytes.get("label"),
                        bytes.get("slip"),
                        packed.get("label"),
                        packed.get("slip"),
                        perJobStored / 1_000));
    }
}
