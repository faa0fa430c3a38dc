package nobrec.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.springframework.beans.factory.annotation.Autowired;

/** Measurements on large tables, for {@code ./nobrec bench}: ratios within one run, and times on a million work orders. */
@EnabledIfSystemProperty(named = "nobrec.measurements", matches = ".+")
class LoadMeasurementTest extends MeasurementTest {

    private static final int ROWS = 99_995;
    private static final int LINES_A_JOB = 5;
    private static final int ROUNDS = 5;
    private static final int LOOKS = 40;
    private static final BigDecimal MILLIMETERS = new BigDecimal("25.4");

    @Autowired
    private DataSource dataSource;

    private static String file(String prefix) {
        StringBuilder text = new StringBuilder(new String(demoFile("orders-tuesday.csv"), StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElseThrow());
        for (int row = 0; row < ROWS; row++) {
            text.append("\r\n")
                    .append(prefix)
                    .append(row / LINES_A_JOB)
                    .append(
                            ",Quillfeather Packaging,PO 9,Quillfeather Packaging,Dock,88 Carding Lane,,Madison,WI,53703,US,"
                                    + "(608) 555-0142,,12/04/2026,Plover Ground,we pay and bill,SK-3,Seal kit,5,0.5,6x4x2,12.50");
        }
        return text.toString();
    }

    /** The floor: the same file parsed, and its cells written by batches of plain statements. */
    private void parseAndInsert(String text, long run) {
        try (Connection connection = dataSource.getConnection()) {
            connection.setAutoCommit(false);
            List<String[]> rows =
                    text.lines().skip(1).map(line -> line.split(",", -1)).toList();
            List<Long> ids = new ArrayList<>();
            try (PreparedStatement order = connection.prepareStatement(
                    "INSERT INTO work_order (source, number, import_run_id, customer, customer_po, company, person, street,"
                            + " street2, city, state, postal_code, country, phone, mail, promise_date, requested_service, terms,"
                            + " status, taken_in_at, rules_version) VALUES ('floor', ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?,"
                            + " '2026-12-04', ?, 'PREPAID', 'READY', NOW(), " + rulesVersion() + ")",
                    PreparedStatement.RETURN_GENERATED_KEYS)) {
                for (int row = 0; row < rows.size(); row += LINES_A_JOB) {
                    String[] cells = rows.get(row);
                    order.setString(1, cells[0]);
                    order.setLong(2, run);
                    for (int column = 1; column <= 12; column++) {
                        order.setString(column + 2, cells[column]);
                    }
                    order.setString(15, cells[14]);
                    order.addBatch();
                }
                order.executeBatch();
                var keys = order.getGeneratedKeys();
                while (keys.next()) {
                    ids.add(keys.getLong(1));
                }
            }
            try (PreparedStatement line = connection.prepareStatement(
                    "INSERT INTO work_order_line (work_order_id, position, item, description, quantity_ordered, unit_weight,"
                            + " unit_value, unit_length, unit_width, unit_height, hs_code, origin, goods_class,"
                            + " freight_class, this_side_up, nothing_on_top, alone, lots)"
                            + " VALUES (?, ?, ?, ?, ?, 226.796185, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)")) {
                for (int row = 0; row < rows.size(); row++) {
                    String[] cells = rows.get(row);
                    line.setLong(1, ids.get(row / LINES_A_JOB));
                    line.setInt(2, row % LINES_A_JOB + 1);
                    line.setString(3, cells[16]);
                    line.setString(4, cells[17]);
                    line.setInt(5, Integer.parseInt(cells[18]));
                    line.setBigDecimal(6, new BigDecimal(cells[21]));
                    String[] sides = cells[20].split("x");
                    for (int side = 0; side < sides.length; side++) {
                        line.setBigDecimal(7 + side, new BigDecimal(sides[side]).multiply(MILLIMETERS));
                    }
                    line.setString(10, "");
                    line.setString(11, "");
                    line.setString(12, null);
                    line.setString(13, null);
                    line.setBoolean(14, false);
                    line.setBoolean(15, false);
                    line.setBoolean(16, false);
                    line.setString(17, "");
                    line.addBatch();
                }
                line.executeBatch();
            }
            connection.commit();
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
    }

    @Test
    void intakeAgainstParsingAndBatchedInserts() throws IOException {
        drop("first.csv", file("W").getBytes(StandardCharsets.UTF_8));
        long run = sql.sql("SELECT MAX(id) FROM import_run").query(Long.class).single();
        List<Double> ours = new ArrayList<>();
        List<Double> floor = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            String other = file("F" + round + "-");
            floor.add(seconds(() -> parseAndInsert(other, run)));
            byte[] own = file("O" + round + "-").getBytes(StandardCharsets.UTF_8);
            ours.add(seconds(() -> assertThat(drop("own.csv", own)).hasStatusOk()));
        }
        report("""

                ## A large file of work orders

                %,d rows, %d a work order, into MariaDB on the same machine, %d rounds in turn.

                - taken in and checked: median %.2f s
                - parsed and written by batches of plain statements: median %.2f s
                - ratio (at most 3 requested): %.2f
                """.formatted(ROWS, LINES_A_JOB, ROUNDS, median(ours), median(floor), median(ours) / median(floor)));
    }

    /** What lives is what is left after a collection; both are measured while the file is read, in a run each. */
    @Test
    void intakeLeavesMemoryAndTheDeskAlone() throws IOException {
        drop("warm.csv", file("V").getBytes(StandardCharsets.UTF_8));
        String weight = "/api/v1/shipments/"
                + weighedJob("T-70", "Plover Ground").path("id").asLong() + "/packages/1/weight-preview";
        previews(weight, LOOKS);
        double usual = median(previews(weight, LOOKS));
        byte[] forMemory = file("MM").getBytes(StandardCharsets.UTF_8);
        byte[] forDesk = file("MD").getBytes(StandardCharsets.UTF_8);
        List<Double> meanwhile = new ArrayList<>();
        whileReading("desk.csv", forDesk, () -> meanwhile.addAll(previews(weight, 1)));
        long idle = living();
        List<Long> living = new ArrayList<>(List.of(idle));
        whileReading("memory.csv", forMemory, () -> {
            living.add(living());
            // Collections one after the other would leave no time to the reading itself.
            pause(Duration.ofSeconds(1));
        });
        long most = Collections.max(living);
        report("""

                ## What a large file leaves to others

                The same %,d rows; memory as what lives after a collection, previews of a weight one after the other.

                - memory beyond idle (below 128 MB requested): %d MB, the most of %d looks
                - a preview while the file is read, median of %d: %.1f ms; usually %.1f ms
                - ratio (at most 2 requested): %.2f
                """.formatted(
                        ROWS,
                        (most - idle) / 1_000_000,
                        living.size() - 1,
                        meanwhile.size(),
                        1000 * median(meanwhile),
                        1000 * usual,
                        median(meanwhile) / usual));
    }

    private void whileReading(String name, byte[] content, Runnable look) {
        assertThat(dropOnly(name, content)).hasStatusOk();
        while (tasksUnderWay() > 0) {
            look.run();
        }
    }

    private static void pause(Duration time) {
        try {
            Thread.sleep(time.toMillis());
        } catch (InterruptedException stopped) {
            throw new IllegalStateException(stopped);
        }
    }

    private List<Double> previews(String path, int count) {
        return IntStream.range(0, count)
                .mapToObj(each -> seconds(() -> assertThat(send("POST", path, Map.of("text", "3." + each % 10)))
                        .hasStatusOk()))
                .toList();
    }

    private static long living() {
        System.gc();
        return ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed();
    }

    @Test
    void departuresOnAMillionJobs() throws IOException {
        fillAMillion();
        double day = medianOfLooks("/api/v1/departures");
        double jobs = medianOfLooks("/api/v1/departures/jobs");
        report("""

                ## Departures on a million work orders

                One in ten not shipped; the server's answer alone, %d looks after %d to warm up.

                - the day with its pickups, median: %.0f ms
                - the first hundred jobs by departure, median: %.0f ms
                - both (below 60 ms requested): %.0f ms
                """.formatted(LOOKS, LOOKS, 1000 * day, 1000 * jobs, 1000 * (day + jobs)));
    }

    private double medianOfLooks(String path) {
        for (int look = 0; look < LOOKS; look++) {
            get(path);
        }
        return median(IntStream.range(0, LOOKS)
                .mapToObj(look -> seconds(() -> assertThat(mvc.get()
                                .uri(path)
                                .with(user(INES).roles("COORDINATOR"))
                                .exchange())
                        .hasStatusOk()))
                .toList());
    }
}
