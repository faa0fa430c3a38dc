package nobrec.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.HashMap;
import java.util.Map;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.json.JsonMapper;

/** Another server on the database of the tests, reached over HTTP as tobin, a coordinator. */
public final class SecondServer implements AutoCloseable {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final ConfigurableApplicationContext application;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    private SecondServer(ConfigurableApplicationContext application) {
        this.application = application;
    }

    public static SecondServer start() {
        Map<String, Object> settings = new HashMap<>(ServerTest.serverSettings());
        settings.put("server.port", 0);
        settings.put("nobrec.demo.startsAt", "2026-12-01T13:05:00");
        settings.put("nobrec.demo.startedAt", System.currentTimeMillis() / 1000);
        String[] arguments = settings.entrySet().stream()
                .map(each -> "--" + each.getKey() + "=" + each.getValue())
                .toArray(String[]::new);
        SecondServer server = new SecondServer(new SpringApplicationBuilder(NobrecServer.class)
                .profiles("test")
                .run(arguments));
        server.signIn();
        return server;
    }

    private void signIn() {
        exchange(request("/api/v1/who").GET());
        int answer = exchange(request("/api/v1/sign-in")
                .header("X-XSRF-TOKEN", token())
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(BodyPublishers.ofString("username=tobin&password=correct+horse")));
        if (answer != 204) {
            throw new IllegalStateException("Signing in was answered with " + answer);
        }
        exchange(request("/api/v1/who").GET());
    }

    /** The status of what came back. */
    public int send(String method, String path, Object body) {
        return exchange(request(path)
                .header("X-XSRF-TOKEN", token())
                .header("Content-Type", "application/json")
                .method(method, BodyPublishers.ofString(JSON.writeValueAsString(body))));
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElseThrow();
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(
                URI.create("http://127.0.0.1:" + application.getEnvironment().getProperty("local.server.port") + path));
    }

    private int exchange(HttpRequest.Builder request) {
        try {
            HttpResponse<String> answer = http.send(request.build(), BodyHandlers.ofString());
            return answer.statusCode();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(ended);
        }
    }

    @Override
    public void close() {
        application.close();
    }
}
