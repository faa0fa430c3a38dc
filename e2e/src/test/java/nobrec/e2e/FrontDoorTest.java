package nobrec.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What comes in over the wire, before anybody is signed in. */
class FrontDoorTest {

    private static final int STRANGERS = 250;

    private final Application application = Application.running();
    private final URI base = URI.create(application.address("/"));
    private final HttpClient http = HttpClient.newHttpClient();
    private final List<Socket> strangers = new ArrayList<>();

    @AfterEach
    void leave() throws IOException {
        for (Socket each : strangers) {
            each.close();
        }
    }

    private HttpResponse<String> get(String path, String... headers) throws Exception {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(application.address(path))).timeout(Duration.ofSeconds(3));
        for (int index = 0; index < headers.length; index += 2) {
            request.header(headers[index], headers[index + 1]);
        }
        return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    /** Sends the head of a request and of its body the first letter only. */
    private Socket stranger(String head) throws IOException {
        Socket socket = new Socket(base.getHost(), base.getPort());
        OutputStream out = socket.getOutputStream();
        out.write((head.replace("\n", "\r\n") + "x").getBytes(StandardCharsets.US_ASCII));
        out.flush();
        strangers.add(socket);
        return socket;
    }

    /** Strangers begin to send and do not go on; everybody else is served meanwhile. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "POST /api/v1/shipments HTTP/1.1\nHost: localhost\nContent-Type: application/json\nContent-Length: 200000\n\n",
                "PUT /api/v1/shipments/1/phone HTTP/1.1\nHost: localhost\nContent-Type: application/x-www-form-urlencoded\n"
                        + "Content-Length: 2000\n\n",
                "POST /api/v1/imports HTTP/1.1\nHost: localhost\nContent-Type: multipart/form-data; boundary=y\n"
                        + "Content-Length: 900000\n\n",
                "POST /api/v1/imports HTTP/1.1\nHost: localhost\nCookie: nobrec=bm9ib2R5\nContent-Type: application/json\n"
                        + "Transfer-Encoding: chunked\n\n",
                "POST /api/v1/sign-in HTTP/1.1\nHost: localhost\nContent-Type: application/x-www-form-urlencoded\n"
                        + "Content-Length: 2000\n\n",
            })
    void slowBodiesHoldNobodyUp(String head) throws Exception {
        for (int each = 0; each < STRANGERS; each++) {
            stranger(head);
        }
        long before = System.nanoTime();
        assertThat(get("/api/v1/who").statusCode()).isEqualTo(200);
        assertThat(get("/departures").statusCode()).isEqualTo(200);
        assertThat(Duration.ofNanos(System.nanoTime() - before)).isLessThan(Duration.ofSeconds(3));
    }

    @ParameterizedTest
    @CsvSource({
        "evil.example, 400",
        "localhost, 200",
        "127.0.0.1, 200",
    })
    void onlyOurOwnNamesAreAnswered(String host, int status) throws Exception {
        Socket socket = stranger("GET /api/v1/who HTTP/1.1\nHost: " + host + "\nConnection: close\n\n");
        assertThat(new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8))
                .startsWith("HTTP/1.1 " + status);
    }

    @Test
    void forwardedHeadersAreNotBelieved() throws Exception {
        assertThat(get("/api/v1/who", "X-Forwarded-Host", "evil.example", "X-Forwarded-For", "1.2.3.4")
                        .statusCode())
                .isEqualTo(200);
    }

    @Test
    void scriptsAreKeptForAYearAndThePageIsAskedForAgain() throws Exception {
        HttpResponse<String> page = get("/departures");
        assertThat(page.headers().firstValue("Cache-Control")).hasValue("no-cache");
        assertThat(page.headers().firstValue("Referrer-Policy")).hasValue("same-origin");
        assertThat(page.headers().map()).doesNotContainKey("Set-Cookie");
        String script = page.body().replaceAll("(?s).*src=\"(/assets/[^\"]+)\".*", "$1");
        assertThat(get(script).headers().firstValue("Cache-Control")).hasValue("max-age=31536000, public, immutable");
    }

    @ParameterizedTest
    @CsvSource({
        "/api/v1/nothing, 401, problem",
        "/nothing, 404, html",
        "/nothing/at/all.php, 404, html",
        "/assets/none.js, 404, html",
        "/api/%2e%2e/x, 400, problem",
        "/bench?job=A%2FB%20%23%25, 200, html",
    })
    void anAddressThatLeadsNowhereIsSaidInOurForm(String path, int status, String form) throws Exception {
        HttpResponse<String> answer = get(path, "Accept", "text/html,*/*");
        assertThat(answer.statusCode()).isEqualTo(status);
        assertThat(answer.headers().firstValue("Content-Type").orElse("")).contains(form);
        assertThat(answer.body()).doesNotContain("Whitelabel").doesNotContain("Apache");
    }
}
