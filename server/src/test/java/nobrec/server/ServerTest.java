package nobrec.server;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import io.github.resilience4j.circuitbreaker.CircuitBreaker;
import io.github.resilience4j.circuitbreaker.CircuitBreakerRegistry;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import nobrec.standins.StandIns;
import nobrec.standins.http.Behavior;
import nobrec.standins.mail.MailMood;
import nobrec.standins.scale.Scale;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.MissingNode;

/**
 * The whole server on a real MariaDB with the demo's shop, against stand-ins over HTTP and TCP. The database is that of
 * NOBREC_TEST_DB, which {@code ./nobrec test} makes and throws away.
 */
@SpringBootTest
@AutoConfigureMockMvc
@ActiveProfiles("test")
@Import(ServerTest.Time.class)
public abstract class ServerTest {

    protected static final String INES = "ines";
    protected static final JsonMapper JSON = JsonMapper.builder().build();

    private static final Path DEMO = Path.of("..", "demo");
    private static final int TEST_ORDERS = 170;
    private static final StandIns STAND_INS = startStandIns();

    @TestConfiguration
    static class Time {
        @Bean
        StatementCount statementCount() {
            return new StatementCount();
        }

        @Bean
        StatementPlans statementPlans() {
            return new StatementPlans();
        }

        @Bean
        @Primary
        TestClock testClock() {
            return new TestClock();
        }
    }

    @Autowired
    protected MockMvcTester mvc;

    @Autowired
    protected TestClock clock;

    @Autowired
    private CircuitBreakerRegistry breakers;

    @Autowired
    protected JdbcTemplate database;

    @DynamicPropertySource
    static void settings(DynamicPropertyRegistry registry) {
        serverSettings().forEach((name, value) -> registry.add(name, () -> value));
    }

    /** What a server is told that runs on the database and the stand-ins of the tests. */
    static Map<String, Object> serverSettings() {
        String database = System.getenv("NOBREC_TEST_DB");
        if (database == null) {
            throw new IllegalStateException("Run these tests with ./nobrec test: it starts their database.");
        }
        return Map.ofEntries(
                Map.entry("spring.datasource.url", database + "nobrec_test"),
                Map.entry("spring.datasource.username", "nobrec_test"),
                Map.entry("spring.datasource.password", "nobrec_test"),
                Map.entry("spring.flyway.user", "nobrec_test_owner"),
                Map.entry("spring.flyway.password", "nobrec_test"),
                Map.entry("nobrec.credential-key", "0123456789abcdef".repeat(4)),
                Map.entry("nobrec.demo.stand-ins", "http://127.0.0.1:" + STAND_INS.httpPort()),
                Map.entry(
                        "nobrec.demo.mail",
                        "smtp://127.0.0.1:" + STAND_INS.mail().port()),
                Map.entry("nobrec.demo.scale", "tcp://127.0.0.1:" + STAND_INS.scalePort()),
                Map.entry("nobrec.demo.shop-database", database.replace("jdbc:", "") + "nobrec_shop"),
                Map.entry("nobrec.inner-hosts", "127.0.0.1"),
                Map.entry("nobrec.partner-folder", "target/partners"),
                Map.entry("nobrec.demo.folder", DEMO.toString()),
                Map.entry("nobrec.demo.password", "correct horse"));
    }

    @AfterEach
    void allIsWellAgain() {
        allAnswerAgain();
        STAND_INS.scale().setMood(Scale.Mood.SETTLES);
        STAND_INS.mail().setMood(MailMood.TAKES_ALL);
        clock.reset();
    }

    /** All systems outside answer, and nobody remembers that they did not. */
    protected void allAnswerAgain() {
        List.of(
                        "plover",
                        "dunlin",
                        "godwit",
                        "books",
                        "grebe",
                        "orderdesk",
                        "webshop",
                        "floor-scale",
                        "measuring-frame")
                .forEach(path -> STAND_INS.behave(path, Behavior.NORMAL));
        breakers.getAllCircuitBreakers().forEach(CircuitBreaker::reset);
    }

    protected static StandIns standIns() {
        return STAND_INS;
    }

    protected static byte[] demoFile(String name) {
        try {
            return Files.readAllBytes(DEMO.resolve(name));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    // What a person does ------------------------------------------------------------------------------------------

    protected MvcTestResult send(String method, String path, Object body, String signIn, String role) {
        return mvc.method(HttpMethod.valueOf(method))
                .uri(path)
                .with(user(signIn).roles(role))
                .with(csrf().asHeader())
                .contentType(MediaType.APPLICATION_JSON)
                .content(JSON.writeValueAsString(body))
                .exchange();
    }

    protected MvcTestResult send(String method, String path, Object body) {
        return send(method, path, body, INES, "COORDINATOR");
    }

    /** A paper at an address. */
    protected byte[] paperBytes(String address) {
        return mvc.get()
                .uri(address)
                .with(user(INES).roles("COORDINATOR"))
                .exchange()
                .getResponse()
                .getContentAsByteArray();
    }

    /** Its words. */
    protected String paperText(String address) {
        try (PDDocument document = Loader.loadPDF(paperBytes(address))) {
            return new PDFTextStripper().getText(document);
        } catch (IOException noPaper) {
            throw new UncheckedIOException("No paper at " + address, noPaper);
        }
    }

    protected JsonNode get(String path) {
        return json(mvc.get().uri(path).with(user(INES).roles("COORDINATOR")).exchange());
    }

    /** Drops a file and waits until it is read, where it is read at once. */
    protected MvcTestResult drop(String name, byte[] content) {
        MvcTestResult dropped = dropOnly(name, content);
        JsonNode run = dropped.getResponse().getStatus() == 200 ? json(dropped).path("run") : MissingNode.getInstance();
        if (!run.path("state").asString("").equals("READING")) {
            return dropped;
        }
        awaitTasks();
        return mvc.get()
                .uri("/api/v1/imports/" + run.path("id").asLong())
                .with(user(INES).roles("COORDINATOR"))
                .exchange();
    }

    /** Until no task is under way. */
    protected void awaitTasks() {
        Awaitility.await()
                .atMost(Duration.ofSeconds(60))
                .pollInterval(Duration.ofMillis(5))
                .until(() -> tasksUnderWay() == 0);
    }

    protected int tasksUnderWay() {
        return Objects.requireNonNull(database.queryForObject(
                "SELECT COUNT(*) FROM background_task WHERE state IN ('WAITING', 'RUNNING')", Integer.class));
    }

    @BeforeEach
    void theDemoIsSetUp() {
        awaitTasks();
    }

    protected MvcTestResult dropOnly(String name, byte[] content) {
        return upload("/api/v1/imports", name, content);
    }

    protected MvcTestResult upload(String path, String name, byte[] content) {
        return mvc.post()
                .uri(path)
                .multipart()
                .file(new MockMultipartFile("file", name, "text/csv", content))
                .with(user(INES).roles("COORDINATOR"))
                .with(csrf().asHeader())
                .exchange();
    }

    /** An email to a fixed address that is written at a moment; the caller changes what it needs otherwise. */
    protected static Map<String, Object> email(String moment, String triedOn, String subject, String body) {
        Map<String, Object> rule = new HashMap<>(Map.of(
                "name",
                "Email",
                "moment",
                moment,
                "condition",
                Map.of("kind", "ALL", "parts", List.of()),
                "toJob",
                false,
                "toField",
                "",
                "toFixed",
                "dock@quillfeather.example",
                "colleagues",
                false,
                "subject",
                subject,
                "body",
                body));
        rule.putAll(Map.of("papers", List.of(), "files", List.of(), "enabled", true, "triedOn", triedOn));
        return rule;
    }

    /** These and no others; other threads know it when this returns. */
    protected MvcTestResult keepEmails(List<Map<String, Object>> emails) {
        String path = "/api/v1/emails/rules";
        MvcTestResult kept = send(
                "PUT", path, Map.of("version", get(path).path("version").asInt(), "rules", emails), "hollis", "OWNER");
        otherThreadsKnow();
        return kept;
    }

    /** What is set up is known to other threads a second later. */
    protected static void otherThreadsKnow() {
        Awaitility.await().pollDelay(Duration.ofMillis(1_100)).until(() -> true);
    }

    protected static JsonNode json(MvcTestResult result) {
        try {
            return JSON.readTree(result.getResponse().getContentAsByteArray());
        } catch (RuntimeException failed) {
            throw new AssertionError("Not JSON: " + result.getResponse().getStatus(), failed);
        }
    }

    /** Brings in one work order of a line that Plover Ground takes. */
    protected void bringIn(String number, String requestedService) {
        bringIn(number, requestedService, 5);
    }

    protected void bringIn(String number, String requestedService, int pieces) {
        String row = number
                + ",Quillfeather Packaging,PO 9,Quillfeather Packaging,Dock,88 Carding Lane,,Madison,WI,53703,US,"
                + "(608) 555-0142,,12/04/2026," + requestedService + ",we pay and bill,SK-3,Seal kit," + pieces
                + ",0.5,\r\n";
        String heading = new String(demoFile("orders-tuesday.csv"), StandardCharsets.UTF_8)
                .lines()
                .findFirst()
                .orElseThrow();
        drop("orders.csv", (heading + "\r\n" + row).getBytes(StandardCharsets.UTF_8));
    }

    /** Brings in such a work order, and returns the bench of it. */
    protected JsonNode newJob(String number, String requestedService) {
        bringIn(number, requestedService);
        return json(send("POST", "/api/v1/shipments", Map.of("job", number)));
    }

    /** A new job, weighed and ready to ship. */
    protected JsonNode weighedJob(String number, String requestedService) {
        long id = newJob(number, requestedService).path("id").asLong();
        return json(send("PUT", "/api/v1/shipments/" + id + "/packages/1/weight", Map.of("text", "3.1")));
    }

    protected MvcTestResult ship(JsonNode bench) {
        return ship(bench, INES);
    }

    protected MvcTestResult ship(JsonNode bench, String signIn) {
        return send("POST", shipPath(bench), shipOrder(bench), signIn, "COORDINATOR");
    }

    protected static String shipPath(JsonNode bench) {
        return "/api/v1/shipments/" + bench.path("id").asLong() + "/ship";
    }

    protected static Map<String, String> shipOrder(JsonNode bench) {
        return Map.of(
                "service",
                chosen(bench).path("service").asString(),
                "total",
                chosen(bench).path("total").path("amount").asString());
    }

    protected static JsonNode chosen(JsonNode bench) {
        for (JsonNode offer : bench.path("offers")) {
            if (offer.path("chosen").asBoolean()) {
                return offer;
            }
        }
        throw new AssertionError("No offer is chosen: " + bench);
    }

    private static StandIns startStandIns() {
        try {
            Path folder = Files.createTempDirectory("standins");
            Path records = folder.resolve("records.json");
            List<String> orders = new ArrayList<>();
            for (int number = 1; number <= TEST_ORDERS; number++) {
                orders.add("{\"number\":\"T-%d\",\"customer\":\"Quillfeather\",\"invoice\":\"INV-T%d\"}"
                        .formatted(number, number));
            }
            Files.writeString(records, "{\"orders\":[" + String.join(",", orders) + "]}");
            return StandIns.start(new StandIns.Settings(0, 0, folder, records));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
