package nobrec.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Two servers on one database, and stand-ins, all processes of their own that can be killed and started again. */
final class ChaosWorld implements AutoCloseable {

    static final List<String> CARRIERS = List.of("plover", "dunlin", "godwit", "curlew", "whimbrel");
    private static final List<String> OUTSIDE = List.of("plover", "dunlin", "godwit", "books", "orderdesk");
    private static final String DATABASE = "nobrec_chaos";
    private static final Path HOME = Path.of("..").toAbsolutePath().normalize();

    /** A part that can be killed. */
    enum Part {
        SERVER_A,
        SERVER_B,
        DATABASE,
        STAND_INS
    }

    private final Path folder;
    private final Path records;
    private final int[] ports = new int[5];
    private final long startedAt = Instant.now().getEpochSecond();
    private final Map<Part, Launched> running = new HashMap<>();
    private volatile String behavior = "NORMAL";

    ChaosWorld(List<String> jobs) throws IOException {
        folder = Files.createTempDirectory("nobrec-chaos");
        records = folder.resolve("records.json");
        List<String> orders = jobs.stream()
                .map(job ->
                        "{\"number\":\"" + job + "\",\"customer\":\"Quillfeather\",\"invoice\":\"INV-" + job + "\"}")
                .toList();
        Files.writeString(records, "{\"orders\":[" + String.join(",", orders) + "]}");
        for (int index = 0; index < ports.length; index++) {
            try (ServerSocket socket = new ServerSocket(0)) {
                ports[index] = socket.getLocalPort();
            }
        }
        prepareDatabase();
        start(Part.STAND_INS);
        start(Part.SERVER_A);
        start(Part.SERVER_B);
    }

    private void prepareDatabase() throws IOException {
        String script = "set -e; NOBREC_HOME=$PWD; for part in say machine state database; do . scripts/$part.sh; done;"
                + " LOGS=" + folder + "; database_prepare " + folder;
        bash(script);
        start(Part.DATABASE);
        bash("set -e; NOBREC_HOME=$PWD; for part in say machine state database; do . scripts/$part.sh; done;" + " LOGS="
                + folder + "; database_create " + folder + " " + DATABASE + " nobrec_test nobrec_test");
    }

    private static void bash(String script) throws IOException {
        Process process = new ProcessBuilder("bash", "-c", script)
                .directory(HOME.toFile())
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.appendTo(
                        Path.of("target", "chaos-database.log").toFile()))
                .start();
        try {
            if (process.waitFor() != 0) {
                throw new IllegalStateException(
                        "The database of the chaos could not be made; see target/chaos-database.log.");
            }
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    String server(boolean first) {
        return "http://127.0.0.1:" + ports[first ? 0 : 1];
    }

    private String outside() {
        return "http://127.0.0.1:" + ports[2];
    }

    void start(Part part) {
        switch (part) {
            case SERVER_A, SERVER_B -> {
                boolean first = part == Part.SERVER_A;
                Launched server = Launched.serverLaidOut("chaos-" + part, folder.resolve("server"), settings(first));
                put(part, server);
                server.await(server(first) + "/actuator/health");
            }
            case STAND_INS -> {
                Launched standIns = Launched.standIns(
                        Integer.toString(ports[2]), Integer.toString(ports[3]), folder.resolve("standins"), records);
                put(part, standIns);
                standIns.await(outside() + "/");
                behave(behavior);
            }
            case DATABASE -> startDatabase();
        }
    }

    private synchronized void put(Part part, Launched launched) {
        running.put(part, launched);
    }

    private synchronized Launched get(Part part) {
        return running.get(part);
    }

    void kill(Part part) {
        get(part).kill();
    }

    private void startDatabase() {
        Launched database = Launched.process(
                "chaos-database",
                Map.of(),
                "/usr/sbin/mariadbd",
                "--no-defaults",
                "--user=" + System.getProperty("user.name"),
                "--datadir=" + folder.resolve("data"),
                "--socket=" + folder.resolve("socket"),
                "--pid-file=" + folder.resolve("pid"),
                "--port=" + ports[4],
                "--bind-address=127.0.0.1",
                "--skip-name-resolve",
                "--character-set-server=utf8mb4",
                "--collation-server=utf8mb4_unicode_ci",
                "--default-time-zone=+00:00",
                "--innodb-buffer-pool-size=128M");
        put(Part.DATABASE, database);
        Instant limit = Instant.now().plus(Duration.ofMinutes(1));
        while (Instant.now().isBefore(limit) && !answersPort(ports[4])) {
            pause(50);
        }
    }

    private static boolean answersPort(int port) {
        try (java.net.Socket socket = new java.net.Socket("127.0.0.1", port)) {
            return socket.isConnected();
        } catch (IOException notYet) {
            return false;
        }
    }

    private Map<String, String> settings(boolean first) {
        Map<String, String> settings =
                new HashMap<>(Launched.databaseSettings("jdbc:mariadb://127.0.0.1:" + ports[4] + "/", DATABASE));
        settings.put("NOBREC_PORT", Integer.toString(ports[first ? 0 : 1]));
        settings.put("NOBREC_DEMO_STANDINS", outside());
        settings.put("NOBREC_DEMO_SCALE", "tcp://127.0.0.1:" + ports[3]);
        settings.put("NOBREC_DEMO_MAIL", "smtp://127.0.0.1:" + (ports[3] + 2));
        settings.put("NOBREC_DEMO_FOLDER", Application.DEMO.toString());
        settings.put("NOBREC_DEMO_PASSWORD", Application.PASSWORD);
        settings.put("NOBREC_DEMO_STARTSAT", "2026-12-01T09:00:00");
        settings.put("NOBREC_DEMO_STARTEDAT", Long.toString(startedAt));
        return settings;
    }

    /** Tells all stand-ins how to treat their callers, now and after each start. */
    void behave(String chosen) {
        behavior = chosen;
        for (String path : OUTSIDE) {
            HttpRequest request = HttpRequest.newBuilder(URI.create(outside() + "/" + path + "/behavior"))
                    .header("Content-Type", "application/x-www-form-urlencoded")
                    .POST(HttpRequest.BodyPublishers.ofString("behavior=" + chosen))
                    .build();
            try {
                HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.discarding());
            } catch (IOException killedMeanwhile) {
                return;
            } catch (InterruptedException ended) {
                Thread.currentThread().interrupt();
            }
        }
    }

    /** What the other side has. */
    String outside(String path) {
        try {
            return HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(outside() + path)).build(),
                            HttpResponse.BodyHandlers.ofString())
                    .body();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(ended);
        }
    }

    /** First column by second column of a query on our own side. */
    Map<String, String> query(String statement) {
        Map<String, String> found = new HashMap<>();
        try (Connection connection = DriverManager.getConnection(
                        "jdbc:mariadb://127.0.0.1:" + ports[4] + "/" + DATABASE, DATABASE, "nobrec_test");
                ResultSet rows = connection.createStatement().executeQuery(statement)) {
            while (rows.next()) {
                found.put(rows.getString(1), rows.getString(2));
            }
            return found;
        } catch (SQLException failed) {
            throw new IllegalStateException(failed);
        }
    }

    static void pause(long millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() {
        for (Part part : new Part[] {Part.SERVER_A, Part.SERVER_B, Part.STAND_INS, Part.DATABASE}) {
            Launched each = get(part);
            if (each != null) {
                each.stop();
            }
        }
    }
}
