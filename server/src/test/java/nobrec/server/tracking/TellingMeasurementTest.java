package nobrec.server.tracking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Timestamp;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nobrec.server.MeasurementTest;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Measurements of what others are told and asked, for {@code ./nobrec bench}. */
@EnabledIfSystemProperty(named = "nobrec.measurements", matches = ".+")
class TellingMeasurementTest extends MeasurementTest {

    private static final int EN_ROUTE = 100_000;
    private static final int EVENTS_OF_EACH = 5;
    private static final int ASKED = 20_000;
    private static final int WARMED_UP = 20_000;
    private static final int HOUR_SECONDS = 3_600;
    private static final int JOBS = 100;
    private static final int LOOKS = 40;
    private static final int MANY = 400;
    private static final double NANOS = 1e9;
    private static final double CLOCK_TICKS = 100;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    @Autowired
    private TrackAsker asker;

    @Autowired
    private Connections connections;

    // En route --------------------------------------------------------------------------------------------------

    /** A carrier that says of each package what is known of it already. It runs in the same process: its share is counted with ours. */
    private HttpServer carrierThatSaysNothingNew() throws IOException {
        HttpServer carrier = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        carrier.createContext("/tracking", TellingMeasurementTest::answer);
        carrier.start();
        return carrier;
    }

    private static void answer(HttpExchange exchange) throws IOException {
        JsonNode asked = JSON.readTree(exchange.getRequestBody());
        String key = exchange.getRequestHeaders().getFirst("Idempotency-Key");
        String events = IntStream.range(0, EVENTS_OF_EACH)
                .mapToObj(each -> "{\"id\":\"e" + each + "\",\"event\":\"IN_TRANSIT\",\"at\":\"2026-12-01T0" + each
                        + ":00:00-06:00\",\"place\":\"Reno, NV\",\"text\":\"On its way\"}")
                .collect(Collectors.joining(","));
        String packages = asked.path("trackingNumbers")
                .valueStream()
                .map(number -> "{\"trackingNumber\":\"" + number.asString()
                        + "\",\"known\":true,\"expectedOn\":\"\",\"events\":[" + events + "]}")
                .collect(Collectors.joining(","));
        byte[] body = ("{\"key\":\"" + key + "\",\"packages\":[" + packages + "]}").getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().add("Content-Type", "application/json");
        exchange.sendResponseHeaders(200, body.length);
        exchange.getResponseBody().write(body);
        exchange.close();
    }

    private void fillEnRoute(long shipment) {
        fill(
                "INSERT INTO package_track (shipment_id, package_number, packages, tracking_number, carrier_code, service_code, site_id,"
                        + " job, receiver, destination, area, shipped_at, ship_date, promise, state, moved_at, ask_at) SELECT "
                        + shipment
                        + ", seq, 1, CONCAT('EN', seq), 'PLOVER', 'PLV-GROUND', 1, CONCAT('M-', seq), 'Quill', 'Reno, NV', 'US-895',"
                        + " '2026-12-01 18:00:00', '2026-12-01', '2026-12-04', 'ON_THE_WAY', '2026-12-01 18:00:00',"
                        + " NULL FROM seq_1_to_" + EN_ROUTE);
        fill(
                "INSERT INTO tracking_event (track_id, event_key, kind, happened_at, offset_minutes, place, text, pushed, learned_at)"
                        + " SELECT t.id, CONCAT('e', s.seq), 'MOVED', '2026-12-01 18:00:00', -360, 'Reno, NV', 'On its way', 0,"
                        + " '2026-12-01 18:00:00' FROM package_track t JOIN seq_0_to_" + (EVENTS_OF_EACH - 1)
                        + " s WHERE t.tracking_number LIKE 'EN%'");
        fill("UPDATE package_track SET ask_at = '2026-12-01 18:30:00' WHERE tracking_number LIKE 'EN%'");
        fill("ANALYZE TABLE package_track, tracking_event");
    }

    private long due() {
        return sql.sql("SELECT COUNT(*) FROM package_track WHERE ask_at <= ?")
                .param(Timestamp.from(clock.instant()))
                .query(Long.class)
                .single();
    }

    private static double ownSeconds() {
        return ((com.sun.management.OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean())
                        .getProcessCpuTime()
                / NANOS;
    }

    /** What the database server has used, as the kernel counts it (proc(5): utime and stime, in hundredths of a second). */
    private static double databaseSeconds() throws IOException {
        try (var processes = Files.list(Path.of("/proc"))) {
            double all = 0;
            for (Path each : processes
                    .filter(path -> path.getFileName().toString().matches("\\d+"))
                    .toList()) {
                Path stat = each.resolve("stat");
                String line = Files.isReadable(stat) ? read(stat) : "";
                if (line.contains("(mariadbd)")) {
                    String[] after = line.substring(line.indexOf(')') + 2).split(" ");
                    all += (Double.parseDouble(after[11]) + Double.parseDouble(after[12])) / CLOCK_TICKS;
                }
            }
            return all;
        }
    }

    private static String read(Path stat) {
        try {
            return Files.readString(stat);
        } catch (IOException endedMeanwhile) {
            return "";
        }
    }

    @Test
    void packagesEnRouteWhenNothingChanges() throws IOException {
        JsonNode bench = weighedJob("T-101", "Plover Ground");
        assertThat(ship(bench)).hasStatusOk();
        HttpServer carrier = carrierThatSaysNothingNew();
        Connection plover = connections.to("PLOVER");
        try {
            pointTo(
                    plover,
                    URI.create("http://127.0.0.1:" + carrier.getAddress().getPort()));
            fillEnRoute(bench.path("id").asLong());
            askAbout(WARMED_UP);
            double own = ownSeconds();
            double database = databaseSeconds();
            long before = due();
            double wall = seconds(() -> askAbout(ASKED));
            long asked = before - due();
            double ownUsed = ownSeconds() - own;
            double databaseUsed = databaseSeconds() - database;
            double anHour = (ownUsed + databaseUsed) * EN_ROUTE / asked;
            assertThat(sql.sql("SELECT COUNT(*) FROM package_track WHERE fault <> ''")
                            .query(Long.class)
                            .single())
                    .isZero();
            report("""

                    ## Packages en route

                    %,d packages en route with %d known events each, all asked hourly, nothing new; %,d of them asked after %,d others.
                    Processor time of the whole server with the carrier's stand-in in it (%.1f s for these) and of the database (%.1f s).

                    - asked in one second: %.0f packages (28 are needed)
                    - processor time an hour for all: %.1f s
                    - of one core (at most 5 %% requested): %.2f %%
                    """.formatted(
                            EN_ROUTE,
                            EVENTS_OF_EACH,
                            asked,
                            WARMED_UP,
                            ownUsed,
                            databaseUsed,
                            asked / wall,
                            anHour,
                            100 * anHour / HOUR_SECONDS));
        } finally {
            pointTo(plover, plover.address());
            carrier.stop(0);
            fill("DELETE FROM package_track WHERE tracking_number LIKE 'EN%'");
        }
    }

    private void askAbout(int packages) {
        long before = due();
        while (before - due() < packages) {
            asker.askAll();
        }
    }

    private void pointTo(Connection connection, URI address) {
        connections.keep(new Connection(
                connection.code(),
                connection.name(),
                connection.adapter(),
                address,
                connection.timeLimit(),
                connection.credentials()));
        await().pollDelay(Duration.ofMillis(1_200)).until(() -> true);
    }

    // What others are told --------------------------------------------------------------------------------------

    private void emailIs(boolean enabled) {
        Map<String, Object> rule = email("LABEL_BOUGHT", "T-1", "{job}", "{job} goes by {service}: {tracking}");
        rule.put("enabled", enabled);
        assertThat(keepEmails(List.of(rule))).hasStatusOk();
    }

    private long notDone(String job) {
        return sql.sql(
                        "SELECT COUNT(*) FROM outbox WHERE subject_name = ? AND kind IN ('SOURCE', 'MAIL') AND state <> 'DONE'")
                .param(job)
                .query(Long.class)
                .single();
    }

    private long done(String kind) {
        return sql.sql("SELECT COUNT(*) FROM outbox WHERE kind = ? AND state = 'DONE'")
                .param(kind)
                .query(Long.class)
                .single();
    }

    private long waiting(String kind) {
        return sql.sql("SELECT COUNT(*) FROM outbox WHERE kind = ? AND state = 'WAITING'")
                .param(kind)
                .query(Long.class)
                .single();
    }

    private void writeBack(List<String> jobs) {
        assertThat(send("POST", "/api/v1/write-backs/ORDERDESK/jobs", Map.of("jobs", jobs)))
                .hasStatusOk();
    }

    /** What is due waits until both are let go at once. */
    private void paused(boolean paused) {
        for (String target : List.of("MAIL", "ORDERDESK")) {
            fill("REPLACE INTO outbox_target (code, paused, calls_a_minute) VALUES ('" + target + "', " + paused
                    + ", 0)");
        }
    }

    @Test
    void fromTheLabelToTheWriteBackAndTheMail() throws IOException {
        bringIn("T-1", "Plover Ground");
        emailIs(true);
        List<Double> times = new ArrayList<>();
        for (int job = 2; job <= LOOKS; job++) {
            String number = "T-" + job;
            JsonNode bench = weighedJob(number, "Plover Ground");
            times.add(seconds(() -> {
                assertThat(ship(bench)).hasStatusOk();
                await().atMost(Duration.ofSeconds(30))
                        .pollInterval(Duration.ofMillis(5))
                        .until(() -> done(number, "MAIL") > 0 && done(number, "SOURCE") > 0 && notDone(number) == 0);
            }));
        }
        emailIs(false);
        report("""

                ## From an event to those who are told

                A label is bought by the Bench's act; from there to the write-back taken by the order desk and the email taken by the mail
                server, the act itself with it; %d shipments one after the other.

                - median (at most 2 s requested): %.2f s
                - longest: %.2f s
                """.formatted(
                        times.size(),
                        median(times),
                        times.stream().mapToDouble(each -> each).max().orElseThrow()));
    }

    private long done(String job, String kind) {
        return sql.sql("SELECT COUNT(*) FROM outbox WHERE subject_name = ? AND kind = ? AND state = 'DONE'")
                .params(job, kind)
                .query(Long.class)
                .single();
    }

    private List<Double> previews(String path, int count) {
        return IntStream.range(0, count)
                .mapToObj(each -> seconds(() -> assertThat(send("POST", path, Map.of("text", "3." + each % 10)))
                        .hasStatusOk()))
                .toList();
    }

    @Test
    void manyPostingsLeaveTheBenchAlone() throws IOException {
        List<String> jobs = new ArrayList<>();
        for (int job = 41; job < 41 + JOBS / 2; job++) {
            assertThat(ship(weighedJob("T-" + job, "Plover Ground"))).hasStatusOk();
            jobs.add("T-" + job);
        }
        emailIs(false);
        String weight = "/api/v1/shipments/"
                + weighedJob("T-100", "Plover Ground").path("id").asLong() + "/packages/1/weight-preview";
        await().atMost(Duration.ofSeconds(60))
                .until(() -> sql.sql("SELECT COUNT(*) FROM outbox WHERE state = 'WAITING'")
                                .query(Long.class)
                                .single()
                        == 0);
        previews(weight, LOOKS);
        double usual = median(previews(weight, LOOKS));
        paused(true);
        for (int times = 0; times < MANY / jobs.size(); times++) {
            assertThat(send("POST", "/api/v1/emails/writing", Map.of("jobs", jobs, "email", "Email")))
                    .hasStatusOk();
        }
        writeBack(jobs);
        long mails = done("MAIL");
        long orders = done("SOURCE");
        paused(false);
        List<Double> meanwhile = new ArrayList<>();
        double wall = seconds(() -> {
            while (waiting("MAIL") > 0 || done("SOURCE") - orders < MANY) {
                meanwhile.addAll(previews(weight, 1));
                if (waiting("SOURCE") == 0) {
                    writeBack(jobs);
                }
            }
        });
        report("""

                ## Many postings

                %d emails wait at once, and write-backs of %d jobs, asked for again as soon as they are done until %d are; previews of a
                weight one after the other meanwhile.

                - emails taken by the mail server (at least 20 a second requested): %.0f a second
                - write-backs taken by the order desk (the same): %.0f a second
                - a preview meanwhile, median of %d: %.1f ms; usually %.1f ms
                - ratio (at most 2 requested): %.2f
                """.formatted(
                        MANY,
                        jobs.size(),
                        MANY,
                        (done("MAIL") - mails) / wall,
                        (done("SOURCE") - orders) / wall,
                        meanwhile.size(),
                        1000 * median(meanwhile),
                        1000 * usual,
                        median(meanwhile) / usual));
    }
}
