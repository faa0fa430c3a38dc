package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Several people ship jobs on two servers, often the same one, one by one and in a run, and void some, while servers, database and
 * stand-ins are killed at random and the other side slows down, keeps silent and lies. At the end both sides are counted: each job left
 * once, was booked once, billed once, accrued once and reported once, whatever was voided in between. The short form of {@code ./nobrec chaos}.
 */
class ChaosTest {

    private static final Logger LOG = LoggerFactory.getLogger(ChaosTest.class);
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int JOBS = Integer.getInteger("nobrec.chaos.jobs", 40);
    private static final int KILLS = Integer.getInteger("nobrec.chaos.kills", 5);
    private static final List<String> SERVICES =
            List.of("Plover Ground", "Godwit Parcel", "Dunlin Two Day", "Plover Saver");
    private static final int AT_MAX_PENDING = 25;

    /** A quarter goes by a run. */
    private static final int IN_RUN = 4;

    /** One of so many is voided after it left, and leaves again. */
    private static final int VOIDED = 4;

    private final AtomicBoolean going = new AtomicBoolean(true);
    private final AtomicInteger serverFaults = new AtomicInteger();
    private final AtomicInteger shipCalls = new AtomicInteger();
    private final AtomicInteger voidCalls = new AtomicInteger();
    private final Set<String> gone = ConcurrentHashMap.newKeySet();
    private final List<String> jobs = IntStream.range(0, JOBS)
            .mapToObj(number -> "C-" + (10_000 + number))
            .toList();

    @Test
    void everyJobLeavesOnceWhateverHappens() throws Exception {
        Instant began = Instant.now();
        try (ChaosWorld world = new ChaosWorld(jobs)) {
            long run = bringIn(world);
            world.behave("ANY");
            assertThat(new ChaosPerson(world.server(false), "tobin", serverFaults))
                    .satisfies(tobin ->
                            assertThat(tobin.signIn() && tobin.startRun(run)).isTrue());
            List<Thread> people = people(world);
            Map<ChaosWorld.Part, Integer> kills = killAll(world);
            world.behave("NORMAL");
            boolean all = waitUntilAllIsDone(world);
            going.set(false);
            for (Thread each : people) {
                each.join();
            }
            count(world, kills, Duration.between(began, Instant.now()), all);
        }
    }

    /** @return id of a run of a quarter of them, ready to start */
    private long bringIn(ChaosWorld world) throws IOException {
        ChaosPerson clerk = new ChaosPerson(world.server(true), "ines", serverFaults);
        assertThat(clerk.signIn()).isTrue();
        StringBuilder file = new StringBuilder(Files.readAllLines(Application.DEMO.resolve("orders-tuesday.csv"))
                .get(0));
        for (int index = 0; index < jobs.size(); index++) {
            file.append("\r\n")
                    .append(jobs.get(index))
                    .append(
                            ",Quillfeather Packaging,PO 9,Quillfeather Packaging,Dock,88 Carding Lane,,Madison,WI,53703,US,"
                                    + "(608) 555-0142,,12/04/2026,")
                    .append(SERVICES.get(index % SERVICES.size()))
                    .append(",we pay and bill,SK-3,Seal kit,5,0.5,");
        }
        assertThat(clerk.bringIn(file.toString())).isTrue();
        return clerk.makeRun(jobs.subList(0, Math.max(1, JOBS / IN_RUN)));
    }

    /** Each takes a job at random; two often meet on the same one. */
    private List<Thread> people(ChaosWorld world) {
        List<Thread> people = new ArrayList<>();
        for (int index = 0; index < 4; index++) {
            ChaosPerson person = new ChaosPerson(
                    world.server(index % 2 == 0),
                    List.of("ines", "tobin", "rufus", "ines").get(index),
                    serverFaults);
            Random random = new Random(index);
            Thread thread = new Thread(() -> work(person, random), "person-" + index);
            thread.start();
            people.add(thread);
        }
        return people;
    }

    private void work(ChaosPerson person, Random random) {
        person.signIn();
        while (going.get()) {
            List<String> left = jobs.stream()
                    .filter(job -> !gone.contains(job))
                    .limit(AT_MAX_PENDING)
                    .toList();
            if (left.isEmpty()) {
                ChaosWorld.pause(200);
                continue;
            }
            String job = left.get(random.nextInt(Math.min(left.size(), 4 + random.nextInt(AT_MAX_PENDING))));
            shipCalls.incrementAndGet();
            if (person.ship(job)) {
                boolean thoughtBetter = random.nextInt(VOIDED) == 0 && voidCalls.get() < Math.max(2, JOBS / VOIDED);
                if (thoughtBetter) {
                    voidCalls.incrementAndGet();
                    person.makeVoid(job);
                } else {
                    gone.add(job);
                }
            }
            ChaosWorld.pause(random.nextInt(Math.max(1, 2_000 * KILLS / Math.max(JOBS, 1) * 10)));
        }
    }

    /** Each part is killed on its own, at random moments, and started again; servers by turns. */
    private Map<ChaosWorld.Part, Integer> killAll(ChaosWorld world) throws InterruptedException {
        Map<ChaosWorld.Part, Integer> kills = new ConcurrentHashMap<>();
        List<Thread> killers = new ArrayList<>();
        for (ChaosWorld.Part part : ChaosWorld.Part.values()) {
            boolean server = part == ChaosWorld.Part.SERVER_A || part == ChaosWorld.Part.SERVER_B;
            int times = server ? (KILLS + 1) / 2 : KILLS;
            Thread killer = new Thread(() -> kill(world, part, times, kills, server), "killer-" + part);
            killer.start();
            killers.add(killer);
        }
        for (Thread each : killers) {
            each.join();
        }
        return kills;
    }

    private static void kill(
            ChaosWorld world, ChaosWorld.Part part, int times, Map<ChaosWorld.Part, Integer> kills, boolean server) {
        Random random = new Random(part.ordinal());
        for (int kill = 0; kill < times; kill++) {
            ChaosWorld.pause(server ? 1_000 + random.nextInt(5_000) : 3_000 + random.nextInt(10_000));
            world.kill(part);
            kills.merge(part, 1, Integer::sum);
            ChaosWorld.pause(random.nextInt(1_500));
            startAgain(world, part);
        }
    }

    /** A server that comes up while the database is away gives up; whoever runs it starts it again. */
    private static void startAgain(ChaosWorld world, ChaosWorld.Part part) {
        for (int attempt = 0; attempt < 5; attempt++) {
            try {
                world.start(part);
                return;
            } catch (IllegalStateException diedOnTheWay) {
                LOG.info("{} has to be started again: {}", part, diedOnTheWay.getMessage());
            }
        }
        throw new IllegalStateException(part + " does not start any more.");
    }

    private boolean waitUntilAllIsDone(ChaosWorld world) {
        ChaosPerson clerk = new ChaosPerson(world.server(true), "ines", serverFaults);
        clerk.signIn();
        Instant limit = Instant.now().plus(Duration.ofMinutes(4));
        while (Instant.now().isBefore(limit)) {
            clerk.askAboutAllThatWaits();
            // A void that was answered late has brought a job back that was taken for gone.
            gone.removeAll(
                    world.query("SELECT number, id FROM work_order WHERE number LIKE 'C-%' AND status <> 'SHIPPED'")
                            .keySet());
            Map<String, String> open = world.query(
                    "SELECT 'jobs', COUNT(*) FROM work_order WHERE number LIKE 'C-%' AND status <> 'SHIPPED'"
                            + " UNION SELECT 'outbox', COUNT(*) FROM outbox WHERE state = 'WAITING'");
            if (open.values().stream().allMatch("0"::equals)) {
                return true;
            }
            ChaosWorld.pause(1_000);
        }
        return false;
    }

    private void count(ChaosWorld world, Map<ChaosWorld.Part, Integer> kills, Duration took, boolean all) {
        Map<String, Map<String, Integer>> counts = new java.util.TreeMap<>();
        counts.put(
                "ours: shipments that left",
                numbers(world.query("SELECT w.number, COUNT(DISTINCT s.id) FROM work_order w"
                        + " JOIN work_order_line l ON l.work_order_id = w.id JOIN shipment_line sl ON sl.work_order_line_id = l.id"
                        + " JOIN shipment s ON s.id = sl.shipment_id AND s.state = 'SHIPPED' GROUP BY w.number")));
        counts.put(
                "ours: pieces that left, of five",
                fifths(world.query("SELECT w.number, SUM(l.quantity_shipped) FROM work_order w"
                        + " JOIN work_order_line l ON l.work_order_id = w.id GROUP BY w.number")));
        counts.put(
                "ours: slips",
                numbers(
                        world.query(
                                "SELECT w.number, COUNT(*) FROM paper p JOIN shipment s ON s.id = p.subject_id"
                                        + " JOIN work_order w ON w.id = s.work_order_id WHERE p.kind = 'PACKING_SLIP' AND p.void_by = 0 GROUP BY w.number")));
        counts.put(
                "ours: labels",
                numbers(
                        world.query(
                                "SELECT w.number, COUNT(*) FROM paper p JOIN shipment s ON s.id = p.subject_id"
                                        + " JOIN work_order w ON w.id = s.work_order_id WHERE p.kind = 'LABEL' AND p.void_by = 0 GROUP BY w.number")));
        counts.put("carriers: consignments", consignments(world));
        counts.put("books: freight lines on invoices", told(world, "/books/freight", "order", "removed"));
        counts.put("books: journal entries", journal(world));
        counts.put("order desk: reports", reports(world));
        StringBuilder table = new StringBuilder();
        List<String> wrong = new ArrayList<>();
        counts.forEach((what, byJob) -> {
            long once =
                    jobs.stream().filter(job -> byJob.getOrDefault(job, 0) == 1).count();
            table.append(String.format("%n  %-34s once for %d of %d", what, once, JOBS));
            jobs.stream()
                    .filter(job -> byJob.getOrDefault(job, 0) != 1)
                    .forEach(job -> wrong.add(what + ": " + job + " " + byJob.getOrDefault(job, 0) + " times"));
        });
        LOG.info(
                "Chaos of {} s: {} jobs, {} in a run, {} ship acts, {} void acts, killed {}; answers with 500: {}{}",
                took.toSeconds(),
                JOBS,
                Math.max(1, JOBS / IN_RUN),
                shipCalls.get(),
                voidCalls.get(),
                kills,
                serverFaults.get(),
                table);
        assertThat(wrong).as(() -> howItStands(world)).isEmpty();
        assertThat(trackingNumbers(world)).as("numbers on both sides").isTrue();
        assertThat(all).as("all is done in time").isTrue();
        assertThat(serverFaults.get()).as("answers with 500").isZero();
    }

    /** What there is to know of jobs that have not left, and of what still waits: for whoever looks for the reason. */
    private static String howItStands(ChaosWorld world) {
        return world.query(
                        "SELECT CONCAT(w.number, ' is ', w.status), s.* FROM work_order w"
                                + " LEFT JOIN shipment s ON s.work_order_id = w.id WHERE w.number LIKE 'C-%' AND w.status <> 'SHIPPED'")
                + " "
                + world.query("SELECT id, CONCAT(kind, ' ', subject_id, ' ', state, ' ', IFNULL(answer, ''))"
                        + " FROM outbox WHERE state <> 'DONE'");
    }

    private Map<String, Integer> numbers(Map<String, String> found) {
        return found.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, each -> Integer.parseInt(each.getValue())));
    }

    private Map<String, Integer> fifths(Map<String, String> found) {
        return found.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, each -> Integer.parseInt(each.getValue()) == 5 ? 1 : -1));
    }

    private static Map<String, Integer> consignments(ChaosWorld world) {
        Map<String, Integer> counts = new HashMap<>();
        for (String carrier : ChaosWorld.CARRIERS) {
            told(world, "/" + carrier + "/consignments", "reference", "void")
                    .forEach((job, count) -> counts.merge(job, count, Integer::sum));
        }
        return counts;
    }

    /** @param undone mark of what does not count any more */
    private static Map<String, Integer> told(ChaosWorld world, String path, String field, String undone) {
        Map<String, Integer> counts = new HashMap<>();
        for (JsonNode each : JSON.readTree(world.outside(path))) {
            counts.merge(each.path(field).asString(), each.path(undone).asBoolean() ? 0 : 1, Integer::sum);
        }
        return counts;
    }

    /** Shipped, less what was taken back. */
    private static Map<String, Integer> reports(ChaosWorld world) {
        Map<String, Integer> counts = new HashMap<>();
        for (JsonNode each : JSON.readTree(world.outside("/orderdesk/reports"))) {
            int more = switch (each.path("status").asString()) {
                case "shipped" -> 1;
                case "void" -> -1;
                default -> 0;
            };
            counts.merge(each.path("order").asString(), more, Integer::sum);
        }
        return counts;
    }

    private static Map<String, Integer> journal(ChaosWorld world) {
        Map<String, Integer> counts = new HashMap<>();
        for (JsonNode each : JSON.readTree(world.outside("/books/journal"))) {
            String said = each.path("description").asString();
            String job = said.replaceAll("^(?:Void: )?Freight of job ([^,]+),.*", "$1");
            counts.merge(job, said.startsWith("Void: ") ? -1 : 1, Integer::sum);
        }
        return counts;
    }

    /** The carrier's numbers are those on our packages, and none is on two. */
    private static boolean trackingNumbers(ChaosWorld world) {
        Set<String> theirs = new java.util.HashSet<>();
        for (String carrier : ChaosWorld.CARRIERS) {
            for (JsonNode each : JSON.readTree(world.outside("/" + carrier + "/consignments"))) {
                if (!each.path("void").asBoolean()) {
                    each.path("packages")
                            .forEach(packed ->
                                    theirs.add(packed.path("trackingNumber").asString()));
                }
            }
        }
        Set<String> ours = world.query("SELECT tracking_number, id FROM package WHERE tracking_number IS NOT NULL")
                .keySet();
        return ours.equals(theirs);
    }
}
