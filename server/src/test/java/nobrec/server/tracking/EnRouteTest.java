package nobrec.server.tracking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nobrec.server.ServerTest;
import nobrec.standins.http.Behavior;
import org.apache.commons.codec.digest.HmacAlgorithms;
import org.apache.commons.codec.digest.HmacUtils;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** Packages from the label to the door, as carriers tell of them when asked and unasked. Signatures by another library (commons-codec). */
class EnRouteTest extends ServerTest {

    private static final String SECRET = "dunlin-tern";
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    @Autowired
    private TrackAsker asker;

    // What the carrier does --------------------------------------------------------------------------------------

    private static String outside(String path, Map<String, String> form) throws Exception {
        URI address = URI.create("http://127.0.0.1:" + standIns().httpPort() + path);
        HttpRequest.Builder request = HttpRequest.newBuilder(address);
        if (!form.isEmpty()) {
            request.header("Content-Type", "application/x-www-form-urlencoded")
                    .POST(HttpRequest.BodyPublishers.ofString(form.entrySet().stream()
                            .map(each ->
                                    each.getKey() + "=" + URLEncoder.encode(each.getValue(), StandardCharsets.UTF_8))
                            .collect(Collectors.joining("&"))));
        }
        return HTTP.send(request.build(), HttpResponse.BodyHandlers.ofString()).body();
    }

    /** The driver takes it, and this becomes of it. */
    private String gone(String job, String service, String carrier, String fate) throws Exception {
        assertThat(ship(weighedJob(job, service))).hasStatusOk();
        for (JsonNode each : JSON.readTree(outside("/" + carrier + "/consignments", Map.of()))) {
            if (each.path("reference").asString().equals(job) && !each.has("void")) {
                outside(
                        "/" + carrier + "/collected",
                        Map.of("key", each.path("key").asString()));
            }
        }
        String number = numberOf(job);
        outside("/" + carrier + "/fate", Map.of("number", number, "fate", fate));
        return number;
    }

    /** What follows on shipping may still be under way. */
    private String numberOf(String job) {
        await().until(() ->
                database.queryForObject("SELECT COUNT(*) FROM package_track WHERE job = ?", Integer.class, job) > 0);
        return database.queryForObject("SELECT tracking_number FROM package_track WHERE job = ?", String.class, job);
    }

    private long idOf(String number) {
        return database.queryForObject("SELECT id FROM package_track WHERE tracking_number = ?", Long.class, number);
    }

    private JsonNode look(String number) {
        return get("/api/v1/en-route/packages/" + idOf(number));
    }

    private List<String> numbersIn(String list) {
        return get("/api/v1/en-route?limit=500&list=" + list)
                .path("rows")
                .valueStream()
                .map(row -> row.path("trackingNumber").asString())
                .toList();
    }

    private List<String> momentsOf(String job) {
        return database.queryForList(
                "SELECT m.moment FROM shipment_moment m JOIN package_track t ON t.shipment_id = m.shipment_id"
                        + " WHERE t.job = ? ORDER BY m.id",
                String.class,
                job);
    }

    private MvcTestResult push(String body, String secret) {
        return mvc.post()
                .uri("/api/v1/events/carriers/DUNLIN/tracking")
                .with(csrf().asHeader())
                .contentType(MediaType.TEXT_PLAIN)
                .header("Nobrec-Signature", new HmacUtils(HmacAlgorithms.HMAC_SHA_256, secret).hmacHex(body))
                .content(body)
                .exchange();
    }

    private static String said(String number, List<String[]> events) {
        return JSON.writeValueAsString(Map.of(
                "packages",
                List.of(Map.of(
                        "trackingNumber",
                        number,
                        "events",
                        events.stream()
                                .map(each -> Map.of(
                                        "id",
                                        each[0],
                                        "event",
                                        each[1],
                                        "at",
                                        each[2],
                                        "place",
                                        "Reno, NV",
                                        "text",
                                        ""))
                                .toList()))));
    }

    // Asked ------------------------------------------------------------------------------------------------------

    @Test
    void aPackageIsFollowedToItsDoorAndEverybodyIsToldOnce() throws Exception {
        String number = gone("T-141", "Plover Ground", "plover", "ON_TIME");
        assertThat(numbersIn("EN_ROUTE")).contains(number);
        clock.pass(Duration.ofHours(8));
        asker.askAll();
        JsonNode underway = look(number);
        assertThat(underway.path("state").asString()).isEqualTo("ON_THE_WAY");
        assertThat(underway.path("forecast").asString())
                .isEqualTo(underway.path("promise").asString());
        assertThat(underway.path("forecastReason").asString()).isEqualTo("The carrier says so.");
        // in the time of the place: Rockford is six hours behind UTC in December
        assertThat(underway.path("events").path(0).path("at").asString()).endsWith("-06:00");
        clock.pass(Duration.ofDays(6));
        asker.askAll();
        asker.askAll();
        JsonNode there = look(number);
        assertThat(there.path("state").asString()).isEqualTo("DELIVERED");
        assertThat(there.has("askAt")).isFalse();
        assertThat(numbersIn("EN_ROUTE")).doesNotContain(number);
        assertThat(momentsOf("T-141")).containsExactly("LABEL_BOUGHT", "DELIVERED");
    }

    @Test
    void whatIsDamagedIsFoundAndStaysOnTheListUntilSomebodyHasSeenToIt() throws Exception {
        String number = gone("T-142", "Plover Ground", "plover", "DAMAGED");
        clock.pass(Duration.ofDays(8));
        asker.askAll();
        assertThat(numbersIn("EXCEPTION")).contains(number);
        assertThat(numbersIn("LATE")).contains(number);
        JsonNode damaged = look(number);
        assertThat(damaged.has("forecast")).isFalse();
        assertThat(damaged.path("forecastReason").asString()).startsWith("No day can be said: Damaged, held");
        String path = "/api/v1/en-route/packages/" + idOf(number) + "/notes";
        assertThat(send("POST", path, Map.of("kind", "CLAIM", "text", "Cylinder bent", "amount", "412.50")))
                .hasStatusOk();
        assertThat(send("POST", path, Map.of("kind", "CLAIM", "text", "Cylinder bent", "amount", "a lot")))
                .hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        JsonNode closed = json(send("POST", path, Map.of("kind", "CLOSED", "text", "Another one was sent")));
        assertThat(closed.path("notes").path(0).path("amount").path("amount").asString())
                .isEqualTo("412.50");
        assertThat(closed.path("closedBy").asString()).isEqualTo("Ines Calloway");
        assertThat(send("POST", path, Map.of("kind", "CLOSED", "text", "again")))
                .hasStatus(HttpStatus.CONFLICT);
        assertThat(numbersIn("EXCEPTION")).doesNotContain(number);
        assertThat(momentsOf("T-142")).containsExactly("LABEL_BOUGHT", "EXCEPTION");
    }

    @Test
    void aCarrierThatIsSilentIsAskedAgainLaterAndNothingIsLost() throws Exception {
        String number = gone("T-143", "Plover Ground", "plover", "ON_TIME");
        clock.pass(Duration.ofHours(8));
        standIns().behave("plover", Behavior.FAIL);
        asker.askAll();
        assertThat(look(number).path("fault").asString()).contains("503");
        allAnswerAgain();
        asker.askAll();
        assertThat(look(number).path("state").asString()).isEqualTo("EXPECTED");
        clock.pass(Duration.ofMinutes(6));
        asker.askAll();
        assertThat(look(number).path("state").asString()).isEqualTo("ON_THE_WAY");
        assertThat(look(number).path("fault").asString()).isEmpty();
    }

    @Test
    void onePackageThatCannotBeKeptHoldsUpNoOther() throws Exception {
        String broken = gone("T-163", "Plover Ground", "plover", "ON_TIME");
        String whole = gone("T-164", "Plover Ground", "plover", "ON_TIME");
        database.update(
                "INSERT INTO tracking_event (track_id, event_key, kind, happened_at, offset_minutes, place, text, pushed,"
                        + " learned_at) VALUES (?, 'odd', 'NO_SUCH_KIND', NOW(), 0, '', '', 0, NOW())",
                idOf(broken));
        clock.pass(Duration.ofHours(8));
        asker.askAll();
        assertThat(look(whole).path("state").asString()).isEqualTo("ON_THE_WAY");
        assertThat(database.queryForObject(
                        "SELECT fault FROM package_track WHERE tracking_number = ?", String.class, broken))
                .contains("could not be kept");
        database.update("DELETE FROM tracking_event WHERE event_key = 'odd'");
        clock.pass(Duration.ofHours(8));
        asker.askAll();
        assertThat(look(broken).path("state").asString()).isEqualTo("ON_THE_WAY");
        assertThat(look(broken).path("fault").asString()).isEmpty();
    }

    @Test
    void twoServersAtOnceLearnEachEventOnce() throws Exception {
        String number = gone("T-144", "Plover Ground", "plover", "ON_TIME");
        clock.pass(Duration.ofDays(7));
        CompletableFuture.allOf(CompletableFuture.runAsync(asker::askAll), CompletableFuture.runAsync(asker::askAll))
                .join();
        assertThat(look(number).path("state").asString()).isEqualTo("DELIVERED");
        assertThat(momentsOf("T-144")).containsExactly("LABEL_BOUGHT", "DELIVERED");
    }

    @Test
    void whatIsMadeVoidIsFollowedNoMore() {
        JsonNode bench = json(ship(weighedJob("T-145", "Plover Ground")));
        assertThat(numberOf("T-145")).isNotEmpty();
        send("POST", "/api/v1/shipments/" + bench.path("id").asLong() + "/void", Map.of());
        assertThat(database.queryForObject("SELECT COUNT(*) FROM package_track WHERE job = 'T-145'", Integer.class))
                .isZero();
    }

    // Unasked ----------------------------------------------------------------------------------------------------

    private static final List<String[]> EVENTS = List.of(
            new String[] {"e1", "PICKED_UP", "2026-12-01T17:40:00-06:00"},
            new String[] {"e2", "IN_TRANSIT", "2026-12-01T21:15:00-06:00"},
            new String[] {"e3", "DELAYED", "2026-12-02T07:00:00-08:00"},
            new String[] {"e4", "OUT_FOR_DELIVERY", "2026-12-03T07:45:00-08:00"},
            new String[] {"e5", "DELIVERED", "2026-12-03T10:41:00-08:00"});

    @Test
    void anyOrderOfEventsEndsInTheSameStateHoweverOftenEachComes() throws Exception {
        ship(weighedJob("T-146", "Dunlin Two Day"));
        String number = numberOf("T-146");
        clock.pass(Duration.ofDays(3));
        Random random = new Random(15);
        List<String[]> all = new ArrayList<>(EVENTS);
        all.addAll(EVENTS);
        Collections.shuffle(all, random);
        int learned = 0;
        for (String[] each : all) {
            learned += json(push(said(number, List.<String[]>of(each)), SECRET))
                    .path("learned")
                    .asInt();
        }
        assertThat(learned).isEqualTo(EVENTS.size());
        JsonNode there = look(number);
        assertThat(there.path("state").asString()).isEqualTo("DELIVERED");
        assertThat(there.path("events")
                        .valueStream()
                        .map(each -> each.path("at").asString()))
                .isSorted();
        assertThat(momentsOf("T-146").stream().filter("DELIVERED"::equals)).hasSize(1);
        // one day after the promise would be late: two days from Tuesday are Thursday
        assertThat(there.path("daysLate").asInt()).isZero();
    }

    @Test
    void whatIsForgedOrCannotHaveHappenedChangesNothing() {
        ship(weighedJob("T-147", "Dunlin Two Day"));
        String number = numberOf("T-147");
        String body = said(number, List.<String[]>of(new String[] {"e5", "DELIVERED", "2026-12-01T10:41:00-06:00"}));
        assertThat(push(body, "another secret")).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        JsonNode tomorrow = json(push(
                said(
                        number,
                        List.of(
                                new String[] {"e6", "DELIVERED", "2026-12-02T19:05:00Z"},
                                new String[] {"e7", "TELEPORTED", "2026-12-01T19:05:00Z"},
                                new String[] {"e8", "DELIVERED", "yesterday"})),
                SECRET));
        assertThat(tomorrow.path("learned").asInt()).isZero();
        assertThat(tomorrow.path("faults").path(0).asString())
                .contains("has not happened yet")
                .contains("TELEPORTED")
                .contains("yesterday");
        assertThat(json(push(said("DX-NONE", EVENTS), SECRET))
                        .path("unknown")
                        .path(0)
                        .asString())
                .isEqualTo("DX-NONE");
        assertThat(push("<tracing/>", SECRET)).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(push("x".repeat(10_000_000), SECRET).getResponse().getStatus())
                .isBetween(400, 499);
        assertThat(look(number).path("state").asString()).isEqualTo("EXPECTED");
    }

    // Experience -------------------------------------------------------------------------------------------------

    @Test
    void offersSayHowTheirServiceKeepsItsPromisesToThere() {
        JsonNode before = weighedJob("T-148", "Plover Ground");
        assertThat(chosen(before).has("onTime")).isFalse();
        long site = database.queryForObject("SELECT id FROM site WHERE code = 'ROCKFORD'", Long.class);
        database.update(
                "REPLACE INTO on_time (service_code, site_id, area, on_time, a_day_late, later)"
                        + " VALUES ('PLV-GROUND', ?, 'US5', 200, 9, 3), ('PLV-GROUND', ?, '', 900, 90, 10)",
                site,
                site);
        JsonNode after = get("/api/v1/shipments?job=T-148");
        assertThat(chosen(after).path("onTime").path("words").asString())
                .isEqualTo("on time 94 % to postal codes 5…, 212 shipments");
        database.update("DELETE FROM on_time");
    }

    // Doors ------------------------------------------------------------------------------------------------------

    @Test
    void thoseWhoPackSeeNoListsAndIntervalsAreTheAdministratorsToSet() {
        assertThat(send("GET", "/api/v1/en-route", Map.of(), "rufus", "PACKER")).hasStatus(HttpStatus.FORBIDDEN);
        JsonNode entry = get("/api/v1/asking-intervals").path("rows").path(0);
        String path = "/api/v1/asking-intervals/" + entry.path("code").asString();
        Map<String, Object> sensible = Map.of(
                "version", entry.path("entry").path("version").asInt(),
                "usualMinutes", 120,
                "dueTodayMinutes", 30,
                "quietMinutes", 10_080,
                "quietDays", 10);
        assertThat(send("PUT", path, sensible)).hasStatus(HttpStatus.FORBIDDEN);
        assertThat(send("PUT", path, sensible, "admin", "ADMINISTRATOR")).hasStatusOk();
        assertThat(send("PUT", path, sensible, "admin", "ADMINISTRATOR")).hasStatus(HttpStatus.CONFLICT);
        Map<String, Object> absurd = new HashMap<>(sensible);
        absurd.put("version", 1);
        absurd.put("dueTodayMinutes", 240);
        assertThat(send("PUT", path, absurd, "admin", "ADMINISTRATOR")).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }

    @Test
    void shipmentsThatCameInAreCountedOnce() {
        long before = counted();
        ship(weighedJob("T-149", "Dunlin Two Day"));
        String number = numberOf("T-149");
        clock.pass(Duration.ofDays(3));
        IntStream.range(0, 2).forEach(time -> push(said(number, EVENTS), SECRET));
        assertThat(counted()).isEqualTo(before + 1);
        database.update("DELETE FROM on_time");
    }

    private long counted() {
        return database.queryForObject(
                "SELECT COALESCE(SUM(on_time + a_day_late + later), 0) FROM on_time"
                        + " WHERE service_code = 'DUN-TWO' AND area = ''",
                Long.class);
    }
}
