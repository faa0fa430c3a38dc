package nobrec.e2e;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody at a desk, on one of the servers: opens jobs, weighs and ships them, and goes on whatever is answered. */
final class ChaosPerson {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final int LOOKS = 3_000;
    private static final int AT_ONCE = 25;
    private static final Duration PATIENCE = Duration.ofSeconds(20);

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(Duration.ofSeconds(2))
            .build();
    private final String server;
    private final String name;
    private final AtomicInteger serverFaults;

    /** @param serverFaults counts answers with 500: there must be none, whatever is away */
    ChaosPerson(String server, String name, AtomicInteger serverFaults) {
        this.server = server;
        this.name = name;
        this.serverFaults = serverFaults;
    }

    private record Answer(int status, JsonNode body) {
        boolean isGood() {
            return status == 200;
        }
    }

    boolean signIn() {
        send("GET", "/api/v1/who", null, null);
        Answer answer = send(
                "POST",
                "/api/v1/sign-in",
                "application/x-www-form-urlencoded",
                "username=" + name + "&password=" + URLEncoder.encode(Application.PASSWORD, StandardCharsets.UTF_8));
        send("GET", "/api/v1/who", null, null);
        return answer.status() == 204;
    }

    /** Opens, weighs and ships; whether the job is known to have left. */
    boolean ship(String job) {
        Answer bench = act("POST", "/api/v1/shipments", Map.of("job", job));
        if (bench.status() == 401 || bench.status() == 408) {
            signIn();
            return false;
        }
        if (!bench.isGood()) {
            return false;
        }
        if (!bench.body().path("state").asString().equals("OPEN")) {
            return bench.body().path("state").asString().equals("SHIPPED");
        }
        String path = "/api/v1/shipments/" + bench.body().path("id").asLong();
        for (JsonNode each : bench.body().path("packages")) {
            if (!each.has("weight")) {
                bench = act(
                        "PUT", path + "/packages/" + each.path("number").asInt() + "/weight", Map.of("text", "3.1"));
                if (!bench.isGood()) {
                    return false;
                }
            }
        }
        for (JsonNode offer : bench.body().path("offers")) {
            if (offer.path("chosen").asBoolean() && offer.has("total")) {
                Answer shipped = act(
                        "POST",
                        path + "/ship",
                        Map.of(
                                "service", offer.path("service").asString(),
                                "total", offer.path("total").path("amount").asString()));
                return shipped.isGood()
                        && shipped.body().path("state").asString().equals("SHIPPED");
            }
        }
        return false;
    }

    /** Makes a run of jobs, and weighs them; nothing is out of order yet. */
    long makeRun(List<String> jobs) {
        // The file is read in the background: a job that is not in yet is refused.
        Answer made = act("POST", "/api/v1/runs", Map.of("jobs", jobs));
        for (int look = 0; look < LOOKS && !made.isGood(); look++) {
            ChaosWorld.pause(200);
            made = act("POST", "/api/v1/runs", Map.of("jobs", jobs));
        }
        long id = made.body().path("id").asLong();
        String path = "/api/v1/runs/" + id;
        awaitRows(path, jobs.size(), "NEW");
        for (int from = 0; from < jobs.size(); from += AT_ONCE) {
            act(
                    "POST",
                    path + "/changes",
                    Map.of("jobs", jobs.subList(from, Math.min(jobs.size(), from + AT_ONCE)), "weight", "3.1"));
        }
        awaitRows(path, jobs.size(), "STOPPED");
        return id;
    }

    /** Waits until no row of a run stands so any more. */
    private void awaitRows(String path, int rows, String state) {
        for (int look = 0; look < LOOKS; look++) {
            Answer run = act("GET", path, null);
            boolean done = run.body().path("rows").size() == rows
                    && run.body()
                            .path("rows")
                            .valueStream()
                            .noneMatch(row -> row.path("state").asString().equals(state));
            if (run.isGood() && done) {
                return;
            }
            ChaosWorld.pause(200);
        }
    }

    boolean startRun(long id) {
        return act("POST", "/api/v1/runs/" + id + "/start", Map.of()).isGood();
    }

    /** Asks for the void of a job that has left; whether it is void by now. */
    boolean makeVoid(String job) {
        Answer bench = act("GET", "/api/v1/shipments?job=" + job, null);
        return bench.isGood()
                && act("POST", "/api/v1/shipments/" + bench.body().path("id").asLong() + "/void", Map.of())
                        .body()
                        .path("state")
                        .asString()
                        .equals("OPEN");
    }

    /** Whatever still waits is asked about now. */
    void askAboutAllThatWaits() {
        Answer board = act("GET", "/api/v1/departures", null);
        for (JsonNode thing : board.body().path("stuck")) {
            if (thing.has("askAbout")) {
                act("POST", "/api/v1/shipments/" + thing.path("askAbout").asLong() + "/carrier-question", Map.of());
            }
        }
        for (JsonNode posting :
                act("GET", "/api/v1/postings?state=WAITING", null).body().path("rows")) {
            act("POST", "/api/v1/postings/" + posting.path("id").asLong() + "/another-try", Map.of());
        }
    }

    boolean bringIn(String csv) {
        String boundary = "----chaos";
        String body = "--" + boundary
                + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"jobs.csv\"\r\nContent-Type: text/csv\r\n\r\n"
                + csv + "\r\n--" + boundary + "--\r\n";
        return send("POST", "/api/v1/imports", "multipart/form-data; boundary=" + boundary, body)
                .isGood();
    }

    private Answer act(String method, String path, Object body) {
        return send(method, path, "application/json", body == null ? null : JSON.writeValueAsString(body));
    }

    private Answer send(String method, String path, String type, String body) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(server + path))
                .timeout(PATIENCE)
                .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body));
        if (type != null) {
            request.header("Content-Type", type);
        }
        token(request);
        try {
            HttpResponse<String> response = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            if (response.statusCode() == 500) {
                serverFaults.incrementAndGet();
            }
            return new Answer(response.statusCode(), read(response.body()));
        } catch (IOException killed) {
            return new Answer(0, JSON.createObjectNode());
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            return new Answer(0, JSON.createObjectNode());
        }
    }

    private static JsonNode read(String text) {
        try {
            return text.isBlank() ? JSON.createObjectNode() : JSON.readTree(text);
        } catch (JacksonException notJson) {
            return JSON.createObjectNode();
        }
    }

    private void token(HttpRequest.Builder request) {
        cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .ifPresent(value -> request.header("X-XSRF-TOKEN", value));
    }
}
