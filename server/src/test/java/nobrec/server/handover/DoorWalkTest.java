package nobrec.server.handover;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.standins.http.Behavior;
import org.awaitility.Awaitility;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/**
 * Random walks over what can be done at the door: ship, void, undo, hold pieces back, scan in, take out, close, return, with a carrier and books
 * that fail now and then. Whatever was done, and in whatever order: pieces, postings, returns and handovers agree.
 */
class DoorWalkTest extends ServerTest {

    private static final int STEPS = 80;
    private static final int JOBS = 4;

    @Autowired
    private OutboxWorker worker;

    private String site() {
        return database.queryForObject("SELECT code FROM site ORDER BY id LIMIT 1", String.class);
    }

    private String handover(String act) {
        return "/api/v1/handovers/" + site() + "/PLOVER" + act;
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void whateverIsDoneAtTheDoorPiecesPostingsAndHandoversAgree(long seed) {
        Random random = new Random(seed);
        List<String> jobs = new ArrayList<>();
        for (int number = 1; number <= JOBS; number++) {
            jobs.add("DW-" + seed + "-" + number);
            bringIn(jobs.get(number - 1), "Plover Ground");
        }
        beginWithVoids(jobs);
        for (int step = 0; step < STEPS; step++) {
            standIns().behave("plover", random.nextInt(4) == 0 ? Behavior.ANY : Behavior.NORMAL);
            standIns().behave("books", random.nextInt(4) == 0 ? Behavior.FAIL : Behavior.NORMAL);
            act(random, jobs.get(random.nextInt(JOBS)));
        }
        standIns().behave("plover", Behavior.NORMAL);
        standIns().behave("books", Behavior.NORMAL);
        for (int round = 0; round < 6; round++) {
            allAnswerAgain();
            clock.pass(Duration.ofMinutes(6));
            worker.run();
        }
        // Other threads carry entries out as well: what they have taken comes to its end.
        Awaitility.await().atMost(Duration.ofSeconds(30)).untilAsserted(() -> {
            clock.pass(Duration.ofMinutes(6));
            worker.run();
            agree(jobs);
        });
    }

    /** One package of a shipment, and a whole one: whatever chance brings, both have happened. */
    private void beginWithVoids(List<String> jobs) {
        for (String job : jobs.subList(0, 2)) {
            JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", job)));
            String shipment = "/api/v1/shipments/" + bench.path("id").asLong();
            split(shipment, bench.path("lines").path(0).path("id").asLong());
            shipped(json(send("POST", "/api/v1/shipments", Map.of("job", job))), shipment);
        }
        worker.run();
        for (int index = 0; index < 2; index++) {
            String shipment = "/api/v1/shipments/"
                    + get("/api/v1/shipments?job=" + jobs.get(index)).path("id").asLong();
            String what = index == 0 ? "/packages/2/void" : "/void";
            Awaitility.await().atMost(Duration.ofSeconds(20)).untilAsserted(() -> {
                worker.run();
                assertThat(send("POST", shipment + what, Map.of())).hasStatusOk();
            });
        }
    }

    /** One act of a person; what is refused is refused with a reason, and never with a fault of ours. */
    private void act(Random random, String job) {
        JsonNode bench = json(send("POST", "/api/v1/shipments", Map.of("job", job)));
        String shipment = "/api/v1/shipments/" + bench.path("id").asLong();
        String number = bench.path("packages").path(0).path("trackingNumber").asString("none");
        long line = bench.path("lines").path(0).path("id").asLong();
        List<MvcTestResult> answers = switch (random.nextInt(15)) {
            case 0, 1 -> shipped(bench, shipment);
            case 2 -> List.of(send("POST", shipment + "/void", Map.of()));
            case 3 -> List.of(send("POST", shipment + "/left-behind", Map.of("line", line, "quantity", 2)));
            case 4, 5 -> List.of(send("POST", handover("/scans"), Map.of("text", number)));
            case 6 -> List.of(send("POST", handover("/taken-out"), Map.of("text", number)));
            case 7 -> List.of(send("POST", shipment + "/undo", Map.of()));
            case 8 -> returnAsked(bench);
            case 9 -> returnEnded(random, job);
            case 10, 11 -> split(shipment, line);
            case 12, 13 -> List.of(send("POST", shipment + "/packages/" + (1 + random.nextInt(3)) + "/void", Map.of()));
            default -> closed(random);
        };
        answers.forEach(answer -> assertThat(answer.getResponse().getStatus()).isLessThan(500));
    }

    /** A piece goes into a package of its own. */
    private List<MvcTestResult> split(String shipment, long line) {
        MvcTestResult added = send("POST", shipment + "/packages", Map.of("text", "C1"));
        int last = json(added).path("packages").size();
        return List.of(
                added,
                send(
                        "POST",
                        shipment + "/moves",
                        Map.of("line", line, "quantity", 1, "from", 1, "to", Math.max(1, last))));
    }

    private List<MvcTestResult> shipped(JsonNode bench, String shipment) {
        MvcTestResult weighed = send("PUT", shipment + "/packages/1/weight", Map.of("text", "2.5", "sure", true));
        for (int number = 2; number <= bench.path("packages").size(); number++) {
            weighed = send("PUT", shipment + "/packages/" + number + "/weight", Map.of("text", "1.5", "sure", true));
        }
        if (weighed.getResponse().getStatus() != 200
                || !json(weighed).path("mayShip").asBoolean()) {
            return List.of(weighed);
        }
        return List.of(ship(json(weighed)));
    }

    private List<MvcTestResult> returnAsked(JsonNode bench) {
        long shipment = bench.path("id").asLong();
        MvcTestResult offers =
                send("GET", "/api/v1/returns/offers?packageNumber=1&weight=&payer=SHOP&shipment=" + shipment, Map.of());
        JsonNode offer = json(offers).path(0);
        return offer.isMissingNode()
                ? List.of(offers)
                : List.of(send(
                        "POST",
                        "/api/v1/returns",
                        Map.of(
                                "shipment",
                                shipment,
                                "packageNumber",
                                1,
                                "weight",
                                "",
                                "reason",
                                "NOT_NEEDED",
                                "note",
                                "",
                                "payer",
                                "SHOP",
                                "service",
                                offer.path("service").asString(),
                                "seenCost",
                                offer.path("cost").path("amount").asString(),
                                "validUntil",
                                get("/api/v1/returns/returnable?shipment=" + shipment)
                                        .path("usualValidUntil")
                                        .asString(),
                                "lines",
                                List.of(Map.of("position", 1, "quantity", 1)))));
    }

    /** Called off, or received. */
    private List<MvcTestResult> returnEnded(Random random, String job) {
        JsonNode back = get("/api/v1/returns/of-job?job=" + job).path(0);
        if (back.isMissingNode()) {
            return List.of();
        }
        String path = "/api/v1/returns/" + back.path("id").asLong();
        return List.of(
                random.nextBoolean()
                        ? send("POST", path + "/call-off", Map.of())
                        : send(
                                "POST",
                                path + "/receipt",
                                Map.of("lines", List.of(Map.of("position", 1, "quantity", 1, "condition", "USED")))));
    }

    private List<MvcTestResult> closed(Random random) {
        if (random.nextInt(3) > 0) {
            return List.of();
        }
        JsonNode view = get(handover(""));
        int inside = view.path("inside").asInt();
        return inside == 0
                ? List.of()
                : List.of(send(
                        "POST", handover("/closing"), Map.of("leavesBy", "PICKUP", "driver", "", "packages", inside)));
    }

    private void agree(List<String> jobs) {
        assertThat(number(
                        "SELECT COUNT(*) FROM outbox WHERE kind = 'VOID' AND state = 'DONE' AND subject_name LIKE ?",
                        "DW-%"))
                .as("voids")
                .isPositive();
        for (String job : jobs) {
            assertThat(number(
                            "SELECT l.quantity_shipped FROM work_order_line l JOIN work_order w ON w.id = l.work_order_id"
                                    + " WHERE w.number = ?",
                            job))
                    .as("pieces of %s that have left", job)
                    .isEqualTo(number(
                            "SELECT COALESCE(SUM(sl.quantity), 0) FROM shipment_line sl JOIN shipment s ON s.id = sl.shipment_id"
                                    + " JOIN work_order_line l ON l.id = sl.work_order_line_id"
                                    + " JOIN work_order w ON w.id = l.work_order_id WHERE s.state = 'SHIPPED' AND w.number = ?",
                            job));
            assertThat(number(
                            "SELECT COUNT(*) FROM outbox WHERE subject_name = ? AND subject_kind = 'SHIPMENT' AND kind = 'JOURNAL'"
                                    + " AND state = 'DONE'",
                            job))
                    .as("what is in the journal of %s", job)
                    .isEqualTo(number(
                            "SELECT COUNT(*) FROM shipment s JOIN work_order w ON w.id = s.work_order_id"
                                    + " WHERE s.state = 'SHIPPED' AND w.number = ?",
                            job));
        }
        assertThat(number(
                        "SELECT COUNT(*) FROM outbox o WHERE o.being_reversed AND o.state <> 'REVERSED'"
                                + " AND o.subject_name LIKE ?",
                        "DW-%"))
                .as("what is to be reversed and is not")
                .isZero();
        returnsAgree();
        packagesAgree();
        assertThat(number(
                        "SELECT COUNT(*) FROM package p JOIN shipment s ON s.id = p.shipment_id"
                                + " WHERE (p.handover_id IS NOT NULL OR p.tracking_number IS NOT NULL) AND s.state = ?",
                        "OPEN"))
                .as("packages of open shipments with a label or in a handover")
                .isZero();
        assertThat(number(
                        "SELECT COUNT(*) FROM package p JOIN voided_package v ON v.tracking_number = p.tracking_number"
                                + " WHERE p.tracking_number LIKE ?",
                        "%"))
                .as("numbers that count and are void")
                .isZero();
        assertThat(number(
                        "SELECT COUNT(*) FROM handover h JOIN outbox o ON o.subject_kind = 'HANDOVER' AND o.subject_id = h.id"
                                + " WHERE h.state = 'CLOSED' AND o.state = 'DONE' AND o.answer <> h.carrier_manifest AND h.driver <> ?",
                        "-"))
                .as("manifests that are not the carrier's")
                .isZero();
    }

    private void packagesAgree() {
        assertThat(number(
                        "SELECT COUNT(*) FROM (SELECT s.id FROM shipment s JOIN work_order w ON w.id = s.work_order_id"
                                + " WHERE s.state = 'SHIPPED' AND w.number LIKE ?"
                                + " AND (SELECT COALESCE(SUM(l.quantity), 0) FROM shipment_line l WHERE l.shipment_id = s.id) <>"
                                + " (SELECT COALESCE(SUM(c.quantity), 0) FROM package p JOIN package_content c ON c.package_id = p.id"
                                + " WHERE p.shipment_id = s.id)) t",
                        "DW-%"))
                .as("shipments that left with other pieces than are in their packages")
                .isZero();
        assertThat(number(
                        "SELECT COUNT(*) FROM package p JOIN shipment s ON s.id = p.shipment_id JOIN work_order w ON w.id = s.work_order_id"
                                + " WHERE s.state = 'SHIPPED' AND w.number LIKE ? AND (SELECT COUNT(*) FROM paper a"
                                + " WHERE a.subject_kind = 'SHIPMENT' AND a.subject_id = s.id AND a.kind = 'LABEL' AND a.void_by = 0"
                                + " AND a.package_number = p.number) <> 1",
                        "DW-%"))
                .as("packages that left and have not one label that counts")
                .isZero();
        assertThat(number(
                        "SELECT COUNT(*) FROM shipment_charge_line c JOIN shipment s ON s.id = c.shipment_id"
                                + " JOIN work_order w ON w.id = s.work_order_id WHERE s.state = 'SHIPPED' AND w.number LIKE ?"
                                + " AND c.side = 'COST' AND c.package_number IS NOT NULL AND c.package_number NOT IN"
                                + " (SELECT p.number FROM package p WHERE p.shipment_id = s.id)",
                        "DW-%"))
                .as("costs of packages that are not in the shipment")
                .isZero();
        assertThat(number(
                        "SELECT COUNT(*) FROM voided_shipment v JOIN shipment s ON s.id = v.shipment_id"
                                + " JOIN work_order w ON w.id = s.work_order_id WHERE v.package_number IS NOT NULL AND w.number LIKE ?",
                        "DW-%"))
                .as("packages that were voided alone")
                .isPositive();
    }

    private void returnsAgree() {
        assertThat(number("SELECT COUNT(*) FROM goods_return WHERE job LIKE ?", "DW-%"))
                .as("returns")
                .isPositive();
        assertThat(number(
                        "SELECT COUNT(*) FROM goods_return r JOIN shipment s ON s.id = r.shipment_id"
                                + " WHERE r.state IN ('ASKED', 'EXPECTED', 'ON_THE_WAY') AND s.state = ?",
                        "OPEN"))
                .as("returns awaited of what has not left")
                .isZero();
        assertThat(number(
                        "SELECT COUNT(*) FROM (SELECT l.work_order_line_id, SUM(COALESCE(l.came, l.quantity)) AS pieces"
                                + " FROM goods_return r JOIN goods_return_line l ON l.return_id = r.id"
                                + " WHERE r.state IN ('ASKED', 'EXPECTED', 'ON_THE_WAY', 'CALLING_OFF') AND r.job LIKE ?"
                                + " GROUP BY l.work_order_line_id) t"
                                + " JOIN work_order_line w ON w.id = t.work_order_line_id WHERE t.pieces > w.quantity_shipped",
                        "DW-%"))
                .as("lines of which more is awaited than left")
                .isZero();
        assertThat(number(
                        "SELECT COUNT(*) FROM goods_return r WHERE r.state = 'RECEIVED' AND r.freight_cost > 0 AND r.job LIKE ?"
                                + " AND NOT EXISTS (SELECT 1 FROM outbox o WHERE o.subject_kind = 'RETURN' AND o.subject_id = r.id"
                                + " AND o.kind = 'JOURNAL' AND o.state = 'DONE')",
                        "DW-%"))
                .as("used labels that cost nothing in the books")
                .isZero();
    }

    private long number(String question, String word) {
        return database.queryForObject(question, Long.class, word);
    }
}
