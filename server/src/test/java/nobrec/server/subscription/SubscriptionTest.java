package nobrec.server.subscription;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import com.sun.net.httpserver.HttpServer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.IntStream;
import nobrec.server.ServerTest;
import nobrec.server.platform.outbox.OutboxWorker;
import org.apache.commons.codec.digest.HmacAlgorithms;
import org.apache.commons.codec.digest.HmacUtils;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;

/** Events as a subscriber gets them that is called, and as one reads them that comes. Signatures by another library (commons-codec). */
class SubscriptionTest extends ServerTest {

    private static final String PATH = "/api/v1/subscriptions";
    private static final String SECRET = "reed and heron";

    @Autowired
    private OutboxWorker worker;

    @Autowired
    private EventWriter writer;

    /** What a subscriber got: its headers' key and signature, and the body. */
    private record Got(String key, String signature, String body) {
        long number() {
            return JSON.readTree(body).path("number").asLong();
        }
    }

    private final List<Got> got = new CopyOnWriteArrayList<>();
    private volatile int answer = 204;
    private HttpServer subscriber;

    @BeforeEach
    void listen() throws Exception {
        subscriber = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        subscriber.createContext("/", exchange -> {
            got.add(new Got(
                    exchange.getRequestHeaders().getFirst("Idempotency-Key"),
                    exchange.getRequestHeaders().getFirst("Nobrec-Signature"),
                    new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8)));
            exchange.sendResponseHeaders(answer, -1);
            exchange.close();
        });
        subscriber.start();
    }

    @AfterEach
    void nobodySubscribes() {
        subscriber.stop(0);
        for (JsonNode row : get(PATH).path("rows")) {
            Map<String, Object> entry = entry(
                    row.path("entry").path("name").asString(),
                    row.path("entry").path("address").asString(),
                    row.path("entry").path("version").asInt(),
                    false);
            send("PUT", PATH + "/" + row.path("code").asString(), entry, "admin", "ADMINISTRATOR");
        }
    }

    private static Map<String, Object> entry(String name, String address, int version, boolean active) {
        return Map.of(
                "version", version,
                "name", name,
                "active", active,
                "moments", List.of("LABEL_BOUGHT", "VOID"),
                "address", address,
                "secret", SECRET);
    }

    private String subscribe(String name, String address) {
        JsonNode after = json(send("POST", PATH, entry(name, address, 0, true), "admin", "ADMINISTRATOR"));
        // other threads may know it a second later
        await().pollDelay(Duration.ofMillis(1_100)).until(() -> true);
        return after.path("rows")
                .valueStream()
                .filter(each -> each.path("entry").path("name").asString().equals(name))
                .findFirst()
                .orElseThrow(() -> new AssertionError(after))
                .path("code")
                .asString();
    }

    private String address() {
        return "http://127.0.0.1:" + subscriber.getAddress().getPort() + "/events";
    }

    private List<Got> of(String job) {
        return got.stream()
                .filter(each -> each.body().contains("\"" + job + "\""))
                .toList();
    }

    private void goOn() {
        clock.pass(Duration.ofMinutes(6));
        writer.numberAll();
        worker.run();
    }

    @Test
    void aSubscriberIsCalledOnceForEachEventSignedAndInOrder() {
        subscribe("Tracker", address());
        answer = 500;
        JsonNode gone = json(ship(weighedJob("EV-1", "Plover Ground")));
        await().atMost(Duration.ofSeconds(20)).untilAsserted(() -> {
            goOn();
            assertThat(of("EV-1")).isNotEmpty();
        });
        send("POST", "/api/v1/shipments/" + gone.path("id").asLong() + "/void", Map.of());
        goOn();
        assertThat(of("EV-1"))
                .as("what is not taken holds up what came later of the job")
                .noneMatch(each -> each.body().contains("VOID"));
        answer = 204;
        await().atMost(Duration.ofSeconds(40)).untilAsserted(() -> {
            goOn();
            assertThat(of("EV-1").stream()
                            .map(each ->
                                    JSON.readTree(each.body()).path("event").asString())
                            .distinct())
                    .containsExactly("LABEL_BOUGHT", "VOID");
        });
        assertThat(of("EV-1").stream().map(Got::key).distinct())
                .as("each try under its own key")
                .hasSize(2);
        assertThat(of("EV-1"))
                .allSatisfy(each -> assertThat(each.signature())
                        .isEqualTo(new HmacUtils(HmacAlgorithms.HMAC_SHA_256, SECRET).hmacHex(each.body())));
        assertThat(of("EV-1").get(0).body())
                .contains(gone.path("packages").get(0).path("trackingNumber").asString());
    }

    @Test
    void whatWasSentCanBeSentAgainFromANumber() {
        String code = subscribe("Archive", address());
        ship(weighedJob("EV-2", "Plover Ground"));
        await().atMost(Duration.ofSeconds(20)).untilAsserted(() -> {
            goOn();
            assertThat(of("EV-2")).hasSize(1);
        });
        long number = of("EV-2").get(0).number();
        assertThat(json(send("POST", PATH + "/" + code + "/again", Map.of("number", number), "admin", "ADMINISTRATOR"))
                        .path("events")
                        .asInt())
                .isEqualTo(1);
        await().atMost(Duration.ofSeconds(20)).untilAsserted(() -> {
            goOn();
            assertThat(of("EV-2")).hasSize(2);
        });
        assertThat(of("EV-2").get(1).body()).isEqualTo(of("EV-2").get(0).body());
        assertThat(send("POST", PATH + "/" + code + "/again", Map.of("number", number)))
                .hasStatus(HttpStatus.FORBIDDEN);
    }

    private MvcTestResult feed(String code, String body, String signature) {
        return mvc.post()
                .uri("/api/v1/events/subscribers/" + code + "/feed")
                .with(csrf().asHeader())
                .header("Nobrec-Signature", signature)
                .contentType(MediaType.TEXT_PLAIN)
                .content(body)
                .exchange();
    }

    private static String signed(String body) {
        return new HmacUtils(HmacAlgorithms.HMAC_SHA_256, SECRET).hmacHex(body);
    }

    @Test
    void whoReadsOnFromANumberMissesNoneHoweverManyShipAtOnce() {
        String code = subscribe("Reader", "");
        List<JsonNode> jobs = IntStream.range(0, 6)
                .mapToObj(index -> weighedJob("EV-1" + index, "Plover Ground"))
                .toList();
        Set<String> seen = new java.util.TreeSet<>();
        List<Long> numbers = new ArrayList<>();
        long[] behind = {newest()};
        List<CompletableFuture<Void>> acts = jobs.stream()
                .map(bench -> CompletableFuture.runAsync(() -> ship(bench)))
                .toList();
        await().atMost(Duration.ofSeconds(40)).untilAsserted(() -> {
            List<CompletableFuture<Void>> servers = IntStream.range(0, 3)
                    .mapToObj(index -> CompletableFuture.runAsync(writer::numberAll))
                    .toList();
            String from = Long.toString(behind[0]);
            JsonNode part = json(feed(code, from, signed(from)));
            part.path("events").forEach(event -> {
                numbers.add(event.path("number").asLong());
                seen.add(event.path("jobs").get(0).asString());
            });
            behind[0] = part.path("next").asLong();
            servers.forEach(CompletableFuture::join);
            acts.forEach(CompletableFuture::join);
            assertThat(seen).contains("EV-10", "EV-11", "EV-12", "EV-13", "EV-14", "EV-15");
        });
        assertThat(numbers).isSorted().doesNotHaveDuplicates();
        assertThat(database.queryForObject("SELECT MAX(number) - COUNT(number) FROM shop_event", Long.class))
                .as("no gaps")
                .isZero();
    }

    private long newest() {
        writer.numberAll();
        Long newest = database.queryForObject("SELECT COALESCE(MAX(number), 0) FROM shop_event", Long.class);
        return newest == null ? 0 : newest;
    }

    @Test
    void aFeedIsReadOnlyByWhoKnowsTheSecretAndNonsenseIsRefused() {
        String code = subscribe("Other reader", "");
        assertThat(feed(code, "0", signed("1"))).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(feed("EVENTS_UNKNOWN", "0", signed("0"))).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(feed(code, "-1", signed("-1"))).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        assertThat(feed(code, "0", signed("0"))).hasStatusOk();
        assertThat(send("POST", PATH, entry("By a coordinator", address(), 0, true)))
                .hasStatus(HttpStatus.FORBIDDEN);
        Map<String, Object> noSecret = Map.of(
                "version", 0, "name", "Without", "active", true, "moments", List.of("VOID"), "address", address());
        assertThat(send("POST", PATH, noSecret, "admin", "ADMINISTRATOR")).hasStatus(HttpStatus.UNPROCESSABLE_CONTENT);
    }
}
