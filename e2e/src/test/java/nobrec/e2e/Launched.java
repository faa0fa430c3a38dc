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

/** A part of the application as a process of its own, ended by its own process id. */
final class Launched {

    private static final Duration START_LIMIT = Duration.ofSeconds(120);
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private final String name;
    private final Process process;

    private Launched(String name, Process process) {
        this.name = name;
        this.process = process;
    }

    static Launched standIns(String httpPort, String scalePort, Path folder, Path records) {
        return process(
                "standins",
                Map.of(),
                "java",
                "-Xmx128m",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-jar",
                archive("standins"),
                httpPort,
                scalePort,
                folder.toString(),
                records.toString());
    }

    static Launched server(String name, Map<String, String> settings) {
        return process(name, settings, "java", "-Xmx512m", "-jar", archive("server"));
    }

    /** From the archive laid out as files, as {@code ./nobrec start} does it: it starts in half the time. */
    static Launched serverLaidOut(String name, Path laidOut, Map<String, String> settings) {
        if (!Files.exists(laidOut)) {
            process(
                            name,
                            Map.of(),
                            "java",
                            "-Djarmode=tools",
                            "-jar",
                            archive("server"),
                            "extract",
                            "--destination",
                            laidOut.toString())
                    .waitFor();
        }
        return process(
                name,
                settings,
                "java",
                "-Xmx512m",
                "-XX:TieredStopAtLevel=1",
                "-jar",
                laidOut.resolve("server-0.1.0-run.jar").toString());
    }

    /** For a server on a database of the checks, with the two users that {@code scripts/database.sh} makes. */
    static Map<String, String> databaseSettings(String address, String database) {
        return Map.of(
                "NOBREC_DB_URL",
                address + database,
                "NOBREC_DB_USER",
                database,
                "NOBREC_DB_PASSWORD",
                "nobrec_test",
                "NOBREC_DB_OWNER",
                database + "_owner",
                "NOBREC_DB_OWNER_PASSWORD",
                "nobrec_test",
                "NOBREC_CREDENTIAL_KEY",
                "0123456789abcdef".repeat(4));
    }

    static Launched process(String name, Map<String, String> settings, String... command) {
        ProcessBuilder builder = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(
                        Path.of("target", name + ".log").toFile()));
        builder.environment().putAll(settings);
        try {
            return new Launched(name, builder.start());
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static String archive(String module) {
        return Path.of("..", module, "target", module + "-0.1.0-run.jar")
                .toAbsolutePath()
                .normalize()
                .toString();
    }

    boolean isAlive() {
        return process.isAlive();
    }

    long id() {
        return process.pid();
    }

    /** Waits until an address of it answers well. */
    void await(String address) {
        Instant limit = Instant.now().plus(START_LIMIT);
        while (Instant.now().isBefore(limit) && process.isAlive()) {
            if (answers(address)) {
                return;
            }
            pause();
        }
        throw new IllegalStateException("No answer from " + address + "; see e2e/target/" + name + ".log.");
    }

    static boolean answers(String address) {
        try {
            return HTTP.send(
                                    HttpRequest.newBuilder(URI.create(address))
                                            .timeout(Duration.ofSeconds(2))
                                            .build(),
                                    HttpResponse.BodyHandlers.discarding())
                            .statusCode()
                    == 200;
        } catch (IOException notYet) {
            return false;
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private static void pause() {
        try {
            Thread.sleep(100);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    /** As {@code ./nobrec stop} does. */
    void stop() {
        process.destroy();
        waitFor();
    }

    /** At once, with nothing put in order. */
    void kill() {
        process.destroyForcibly();
        waitFor();
    }

    private void waitFor() {
        try {
            process.waitFor();
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }
}
