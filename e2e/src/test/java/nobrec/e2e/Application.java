package nobrec.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The packaged application as processes of its own: stand-ins and server, on ports and a database of the checks. One for
 * all tests; it is ended with the JVM.
 */
final class Application {

    static final String PASSWORD = "correct horse";
    static final Path DEMO = Path.of("..", "demo").toAbsolutePath().normalize();

    private static final Logger LOG = LoggerFactory.getLogger(Application.class);
    private static final Duration START_LIMIT = Duration.ofSeconds(120);
    private static final HttpClient HTTP = HttpClient.newHttpClient();
    private static Application only;

    private final String[] ports;
    private final String database;
    private final Path folder;
    private final Path demo;
    private final long demoStartedAt = Instant.now().getEpochSecond();
    private Process standIns;
    private Process server;

    private Application(Path demo) throws IOException {
        this.demo = demo;
        String wanted = System.getenv("NOBREC_TEST_PORTS");
        database = System.getenv("NOBREC_TEST_DB");
        if (wanted == null || database == null) {
            throw new IllegalStateException("Run these tests with ./nobrec test: it finds ports and a database.");
        }
        ports = wanted.split(",", -1);
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
    void behave(String standIn, String behaviour) {
        form("/" + standIn + "/behaviour", "behaviour=" + behaviour);
    }

    void scaleMood(String mood) {
        form("/scale/mood", "mood=" + mood);
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
        endProcess(server);
        startServer();
    }

    private void startStandIns() {
        standIns = launch(
                "standins",
                Map.of(),
                "java",
                "-jar",
                archive("standins"),
                ports[1],
                ports[2],
                folder.resolve("standins").toString(),
                demo.resolve("records.json").toString());
        await(outside("/"), standIns);
    }

    private void startServer() {
        server = launch(
                "server",
                Map.of(
                        "NOBREC_PORT",
                        ports[0],
                        "NOBREC_OUTSIDE_ADDRESS",
                        outside(""),
                        "NOBREC_SCALE_PORT",
                        ports[2],
                        "NOBREC_DB_URL",
                        database + "nobrec_e2e",
                        "NOBREC_DB_PASSWORD",
                        "nobrec_test",
                        "NOBREC_DEMO_FOLDER",
                        demo.toString(),
                        "NOBREC_DEMO_PASSWORD",
                        PASSWORD,
                        "NOBREC_DEMO_STARTSAT",
                        "2026-12-01T13:05:00",
                        "NOBREC_DEMO_STARTEDAT",
                        Long.toString(demoStartedAt)),
                "java",
                "-jar",
                archive("server"));
        await(address("/actuator/health"), server);
    }

    private static String archive(String module) {
        return Path.of("..", module, "target", module + "-0.1.0-run.jar")
                .toAbsolutePath()
                .normalize()
                .toString();
    }

    private Process launch(String name, Map<String, String> settings, String... command) {
        ProcessBuilder builder = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(
                        Path.of("target", name + ".log").toFile()));
        builder.environment().putAll(settings);
        try {
            return builder.start();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static void await(String address, Process process) {
        Instant limit = Instant.now().plus(START_LIMIT);
        while (Instant.now().isBefore(limit) && process.isAlive()) {
            try {
                if (HTTP.send(
                                        HttpRequest.newBuilder(URI.create(address))
                                                .timeout(Duration.ofSeconds(2))
                                                .build(),
                                        HttpResponse.BodyHandlers.discarding())
                                .statusCode()
                        == 200) {
                    return;
                }
                Thread.sleep(200);
            } catch (IOException notYet) {
                LOG.debug("{} does not answer yet", address);
                pause();
            } catch (InterruptedException ended) {
                Thread.currentThread().interrupt();
            }
        }
        throw new IllegalStateException("No answer from " + address + "; see the logs in e2e/target.");
    }

    private static void pause() {
        try {
            Thread.sleep(200);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
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
        endProcess(server);
        endProcess(standIns);
    }

    private static void endProcess(Process process) {
        process.destroy();
        try {
            process.waitFor();
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }
}
