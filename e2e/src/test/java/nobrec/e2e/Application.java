package nobrec.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The packaged application as processes of its own: stand-ins and server, on ports and a database of the checks. One for
 * all tests; it is ended with the JVM.
 */
final class Application {

    static final String PASSWORD = "correct horse";
    static final Path DEMO = Path.of("..", "demo").toAbsolutePath().normalize();

    private static final HttpClient HTTP = HttpClient.newHttpClient();
    private static Application only;

    private final String[] ports;
    private final String database;
    private final Path folder;
    private final Path demo;
    private final long demoStartedAt = Instant.now().getEpochSecond();
    private Launched standIns;
    private Launched server;

    private Application(Path demo) throws IOException {
        this.demo = demo;
        String requested = System.getenv("NOBREC_TEST_PORTS");
        database = System.getenv("NOBREC_TEST_DB");
        if (requested == null || database == null) {
            throw new IllegalStateException("Run these tests with ./nobrec test: it finds ports and a database.");
        }
        ports = requested.split(",", -1);
        folder = Files.createTempDirectory("nobrec-e2e");
    }

    static Application running() {
        return running(DEMO);
    }

    /** @param demo folder with the records of the first start */
    static synchronized Application running(Path demo) {
        if (only == null) {
            try {
                only = new Application(demo);
            } catch (IOException failed) {
                throw new UncheckedIOException(failed);
            }
            only.startStandIns();
            only.startServer();
            Runtime.getRuntime().addShutdownHook(new Thread(only::end));
        }
        return only;
    }

    String address(String path) {
        return "http://127.0.0.1:" + ports[0] + path;
    }

    String outside(String path) {
        return "http://127.0.0.1:" + ports[1] + path;
    }

    /** Tells a stand-in how to behave. */
    void behave(String standIn, String behavior) {
        form("/" + standIn + "/behavior", "behavior=" + behavior);
    }

    void scaleMood(String mood) {
        form("/scale/mood", "mood=" + mood);
    }

    /** Has a printer get into trouble, or out of it. */
    void printerTrouble(String printer, String trouble) {
        form("/" + printer + "/trouble", "trouble=" + trouble);
    }

    /** What the partner says of the notices it gets. */
    void partnerSays(String mood) {
        form("/grebe/mood", "mood=" + mood);
    }

    /** A carrier's driver has a package, and this becomes of it. */
    JsonNode consignments(String carrier) {
        return JsonMapper.builder().build().readTree(pageOutside("/" + carrier + "/consignments"));
    }

    /** The carrier has collected a consignment's packages, and what becomes of all of them. */
    void carrierTakes(String carrier, JsonNode consignment, String fate) {
        form("/" + carrier + "/collected", "key=" + consignment.path("key").asString());
        consignment
                .path("packages")
                .forEach(each -> form(
                        "/" + carrier + "/fate",
                        "number=" + each.path("trackingNumber").asString() + "&fate=" + fate));
    }

    void ploverTakes(String job, String fate) {
        consignments("plover")
                .valueStream()
                .filter(each -> each.path("reference").asString().equals(job))
                .forEach(each -> carrierTakes("plover", each, fate));
    }

    private void form(String path, String body) {
        HttpResponse<String> answer = send(HttpRequest.newBuilder(URI.create(outside(path)))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
        if (answer.statusCode() != 303) {
            throw new IllegalStateException(path + " answered " + answer.statusCode());
        }
    }

    String pageOutside(String path) {
        return send(HttpRequest.newBuilder(URI.create(outside(path))).build()).body();
    }

    /** Stops the server as {@code ./nobrec stop} does, and starts it again. */
    void restartServer() {
        server.stop();
        startServer();
    }

    private void startStandIns() {
        standIns = Launched.standIns(ports[1], ports[2], folder.resolve("standins"), demo.resolve("records.json"));
        standIns.await(outside("/"));
    }

    private void startServer() {
        server = Launched.server("server", settings());
        server.await(address("/actuator/health"));
    }

    private Map<String, String> settings() {
        Map<String, String> settings = new HashMap<>(Launched.databaseSettings(database, "nobrec_e2e"));
        settings.put("NOBREC_PORT", ports[0]);
        settings.put("NOBREC_DEMO_STANDINS", outside(""));
        settings.put("NOBREC_DEMO_SCALE", "tcp://127.0.0.1:" + ports[2]);
        settings.put("NOBREC_DEMO_PUBLICADDRESS", "http://127.0.0.1:" + ports[0]);
        settings.put("NOBREC_DEMO_MAIL", "smtp://127.0.0.1:" + (Integer.parseInt(ports[2]) + 2));
        settings.put("NOBREC_INNER_HOSTS", "127.0.0.1");
        settings.put("NOBREC_DEMO_FOLDER", demo.toString());
        settings.put("NOBREC_DEMO_PASSWORD", PASSWORD);
        settings.put("NOBREC_DEMO_STARTSAT", "2026-12-01T13:05:00");
        settings.put("NOBREC_DEMO_STARTEDAT", Long.toString(demoStartedAt));
        return settings;
    }

    private static HttpResponse<String> send(HttpRequest request) {
        try {
            return HTTP.send(request, HttpResponse.BodyHandlers.ofString());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(ended);
        }
    }

    private void end() {
        server.stop();
        standIns.stop();
    }
}
