package nobrec.server.booking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import nobrec.server.SecondServer;
import nobrec.server.ServerTest;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/**
 * Two people act on one job at one moment, on one server and on two. Whoever comes first, every piece goes once: what is in
 * open and shipped shipments never exceeds what was ordered.
 */
class TwoAtOnceTest extends ServerTest {

    private static final int TRIES = 6;

    private static SecondServer other;
    private static ExecutorService people;

    @Autowired
    private JdbcClient database;

    @BeforeAll
    static void startTheOther() {
        other = SecondServer.start();
        people = Executors.newFixedThreadPool(2);
    }

    @AfterAll
    static void end() {
        people.shutdown();
        other.close();
    }

    /** Both acts at one moment; what each was answered. */
    private static List<Integer> together(Callable<MvcTestResult> one, Callable<Integer> another) throws Exception {
        CyclicBarrier start = new CyclicBarrier(2);
        Future<Integer> first = people.submit(() -> {
            start.await();
            return one.call().getResponse().getStatus();
        });
        Future<Integer> second = people.submit(() -> {
            start.await();
            return another.call();
        });
        return List.of(first.get(), second.get());
    }

    private MvcTestResult post(String path, Object body) {
        return send("POST", path, body);
    }

    /** The second person's act, on this server or on the other one. */
    private Callable<Integer> second(boolean otherServer, String method, String path, Object body) {
        return otherServer
                ? () -> other.send(method, path, body)
                : () -> send(method, path, body, "tobin", "COORDINATOR")
                        .getResponse()
                        .getStatus();
    }

    private void assertNoPieceIsInTwice(String like) {
        assertThat(database.sql(
                                "SELECT w.number FROM work_order w JOIN work_order_line l ON l.work_order_id = w.id"
                                        + " JOIN shipment_line sl ON sl.work_order_line_id = l.id WHERE w.number LIKE ?"
                                        + " GROUP BY l.id, w.number, l.quantity_ordered HAVING SUM(sl.quantity) > l.quantity_ordered")
                        .param(like)
                        .query(String.class)
                        .list())
                .isEmpty();
    }

    private int shipmentsOf(String job) {
        return database.sql(
                        "SELECT COUNT(DISTINCT sl.shipment_id) FROM shipment_line sl JOIN work_order_line l ON l.id = sl.work_order_line_id"
                                + " JOIN work_order w ON w.id = l.work_order_id WHERE w.number = ?")
                .param(job)
                .query(Integer.class)
                .single();
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void openAndOpen(boolean otherServer) throws Exception {
        for (int turn = 0; turn < TRIES; turn++) {
            String job = "OO-" + otherServer + turn;
            bringIn(job, "Plover Ground");
            Map<String, String> choice = Map.of("job", job);
            assertThat(together(
                            () -> post("/api/v1/shipments", choice),
                            second(otherServer, "POST", "/api/v1/shipments", choice)))
                    .containsOnly(200);
            assertThat(shipmentsOf(job)).isEqualTo(1);
        }
        assertNoPieceIsInTwice("OO-%");
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void addAndOpen(boolean otherServer) throws Exception {
        for (int turn = 0; turn < TRIES; turn++) {
            String leading = "AL-" + otherServer + turn;
            String added = "AO-" + otherServer + turn;
            long id = newJob(leading, "Plover Ground").path("id").asLong();
            bringIn(added, "Plover Ground");
            assertThat(together(
                            () -> post("/api/v1/shipments/" + id + "/jobs", Map.of("job", added)),
                            second(otherServer, "POST", "/api/v1/shipments", Map.of("job", added))))
                    .isSubsetOf(200, 409)
                    .contains(200);
            assertThat(shipmentsOf(added)).isEqualTo(1);
        }
        assertNoPieceIsInTwice("A%");
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void addAndAdd(boolean otherServer) throws Exception {
        for (int turn = 0; turn < TRIES; turn++) {
            String added = "AA-" + otherServer + turn;
            long one = newJob("AB-" + otherServer + turn, "Plover Ground")
                    .path("id")
                    .asLong();
            long two = newJob("AC-" + otherServer + turn, "Plover Ground")
                    .path("id")
                    .asLong();
            bringIn(added, "Plover Ground");
            Map<String, String> choice = Map.of("job", added);
            assertThat(together(
                            () -> post("/api/v1/shipments/" + one + "/jobs", choice),
                            second(otherServer, "POST", "/api/v1/shipments/" + two + "/jobs", choice)))
                    .containsOnlyOnce(200)
                    .containsOnly(200, 409);
            assertThat(shipmentsOf(added)).isEqualTo(1);
        }
    }

    /** Each adds the other's job at the same moment: locks are taken in one order, so neither hangs. */
    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void addCrosswise(boolean otherServer) throws Exception {
        for (int turn = 0; turn < TRIES; turn++) {
            String first = "XA-" + otherServer + turn;
            String last = "XB-" + otherServer + turn;
            long one = newJob(first, "Plover Ground").path("id").asLong();
            long two = newJob(last, "Plover Ground").path("id").asLong();
            List<Integer> answers = together(
                    () -> post("/api/v1/shipments/" + one + "/jobs", Map.of("job", last)),
                    second(otherServer, "POST", "/api/v1/shipments/" + two + "/jobs", Map.of("job", first)));
            assertThat(answers).doesNotContain(500, 503).contains(200);
            assertThat(shipmentsOf(first)).isEqualTo(1);
            assertThat(shipmentsOf(last)).isEqualTo(1);
        }
        assertNoPieceIsInTwice("X%");
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void shipAndShip(boolean otherServer) throws Exception {
        for (int turn = 0; turn < TRIES; turn++) {
            String job = "SS-" + otherServer + turn;
            JsonNode bench = weighedJob(job, "Plover Ground");
            assertThat(together(() -> ship(bench), second(otherServer, "POST", shipPath(bench), shipOrder(bench))))
                    .containsOnlyOnce(200)
                    .containsOnly(200, 409);
            assertThat(Consignments.count(standIns().httpPort(), "plover", job)).isEqualTo(1);
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void shipAndUnpack(boolean otherServer) throws Exception {
        for (int turn = 0; turn < TRIES; turn++) {
            JsonNode bench = weighedJob("SU-" + otherServer + turn, "Plover Ground");
            long line = bench.path("lines").get(0).path("id").asLong();
            List<Integer> answers = together(
                    () -> ship(bench),
                    second(
                            otherServer,
                            "POST",
                            "/api/v1/shipments/" + bench.path("id").asLong() + "/moves",
                            Map.of("line", line, "quantity", 2, "from", 1, "to", 0)));
            assertThat(answers.get(0)).isIn(200, 409, 422);
            assertThat(answers.get(1)).isIn(200, 409);
            assertThat(answers).as("one of the two came second").doesNotHaveDuplicates();
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void holdBackAndShip(boolean otherServer) throws Exception {
        for (int turn = 0; turn < TRIES; turn++) {
            String job = "HB-" + otherServer + turn;
            JsonNode bench = weighedJob(job, "Plover Ground");
            long line = bench.path("lines").get(0).path("id").asLong();
            together(
                    () -> ship(bench),
                    second(
                            otherServer,
                            "POST",
                            "/api/v1/shipments/" + bench.path("id").asLong() + "/left-behind",
                            Map.of("line", line, "quantity", 2)));
            assertThat(database.sql(
                                    "SELECT l.quantity_shipped = 0 OR l.quantity_shipped = sl.quantity FROM work_order_line l"
                                            + " JOIN shipment_line sl ON sl.work_order_line_id = l.id WHERE l.id = ?")
                            .param(line)
                            .query(Boolean.class)
                            .single())
                    .isTrue();
        }
        assertNoPieceIsInTwice("HB-%");
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void moveAndWeigh(boolean otherServer) throws Exception {
        for (int turn = 0; turn < TRIES; turn++) {
            JsonNode bench = newJob("MW-" + otherServer + turn, "Plover Ground");
            String path = "/api/v1/shipments/" + bench.path("id").asLong();
            post(path + "/packages", Map.of("text", "C3"));
            long line = bench.path("lines").get(0).path("id").asLong();
            assertThat(together(
                            () -> post(path + "/moves", Map.of("line", line, "quantity", 2, "from", 1, "to", 2)),
                            second(otherServer, "PUT", path + "/packages/1/weight", Map.of("text", "3.1"))))
                    .containsOnly(200);
            int pieces = 0;
            for (JsonNode each :
                    get("/api/v1/shipments?job=MW-" + otherServer + turn).path("packages")) {
                pieces += each.path("contents").get(0).path("quantity").asInt();
            }
            assertThat(pieces).isEqualTo(5);
        }
    }

    /** The database itself refuses what no code may do. */
    @Test
    void theDatabaseHoldsThatNoMoreGoesThanWasOrdered() {
        long line =
                newJob("DB-1", "Plover Ground").path("lines").get(0).path("id").asLong();
        long second = newJob("DB-2", "Plover Ground").path("id").asLong();
        assertThat(refused("INSERT INTO shipment_line (shipment_id, work_order_line_id, quantity) VALUES (" + second
                        + ", " + line + ", 1)"))
                .contains("quantity_taken");
        assertThat(refused("UPDATE shipment_line SET quantity = quantity + 1 WHERE work_order_line_id = " + line))
                .contains("quantity_taken");
        assertThat(refused("UPDATE work_order_line SET quantity_shipped = 6 WHERE id = " + line))
                .contains("quantity_shipped");
        assertThat(refused("INSERT INTO shipment (site_id, work_order_id, state, opened_at)"
                        + " SELECT site_id, work_order_id, 'OPEN', opened_at FROM shipment WHERE id = " + second))
                .contains("shipment_open_once");
    }

    private String refused(String statement) {
        List<String> messages = new ArrayList<>();
        try {
            database.sql(statement).update();
        } catch (org.springframework.dao.DataAccessException refusal) {
            messages.add(String.valueOf(refusal.getMessage()));
        }
        return String.join("", messages);
    }
}
