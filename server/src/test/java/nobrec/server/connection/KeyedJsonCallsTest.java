package nobrec.server.connection;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class KeyedJsonCallsTest {

    private final List<String> keys = new CopyOnWriteArrayList<>();
    private final List<String> signedIn = new CopyOnWriteArrayList<>();
    private HttpServer server;
    private KeyedJsonCalls calls;
    private Connection books;
    private int status = 200;
    private String body = "{\"key\":\"key-1\",\"text\":\"done\"}";
    private long delayMillis;

    @BeforeEach
    void start() throws IOException {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.setExecutor(Executors.newCachedThreadPool());
        server.createContext("/", exchange -> {
            keys.add(String.valueOf(exchange.getRequestHeaders().getFirst("Idempotency-Key")));
            signedIn.add(String.valueOf(exchange.getRequestHeaders().getFirst("Authorization")));
            sleep(delayMillis);
            byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
            exchange.sendResponseHeaders(status, bytes.length);
            exchange.getResponseBody().write(bytes);
            exchange.close();
        });
        server.start();
        calls = new KeyedJsonCalls(
                new HttpCalls(new Breakers().breakersOfSystemsOutside()),
                JsonMapper.builder().build());
        books = connection("BOOKS", "Books");
    }

    private Connection connection(String code, String name) {
        return new Connection(
                code,
                name,
                "books-json",
                URI.create("http://127.0.0.1:" + server.getAddress().getPort()),
                Duration.ofMillis(300),
                Optional.of(new Credentials("", "token-1")));
    }

    @AfterEach
    void stop() {
        server.stop(0);
    }

    private static void sleep(long millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
    }

    private OutsideAnswer<JsonNode> send() {
        return calls.send(books, "POST", "/books/journal", "key-1", Map.of());
    }

    @Test
    void sendsItsKey() {
        assertThat(send())
                .isEqualTo(new OutsideAnswer.Accepted<>(
                        JsonMapper.builder().build().readTree(body)));
        assertThat(signedIn).containsExactly("Bearer token-1");
        assertThat(keys).containsExactly("key-1");
    }

    @Test
    void aRefusalOfThisKeyIsARefusalWithItsReason() {
        status = 422;
        body = "{\"key\":\"key-1\",\"reason\":\"The street is not served.\"}";
        assertThat(send()).isEqualTo(new OutsideAnswer.Refused<>("The street is not served."));
    }

    @Test
    void whatIsNotThereUnderThisKeyWasNotDoneOrHasNotArrived() {
        status = 404;
        body = "{\"key\":\"key-1\"}";
        assertThat(lookUp()).isEqualTo(new OutsideAnswer.NotFound<>());
        assertThat(send()).isInstanceOf(OutsideAnswer.Unknown.class);
    }

    /** Whatever is not said of this key in the agreed form is not known: asked again, never done a second time. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "200|<p>Welcome</p>",
                "200|{}",
                "200|[]",
                "200|{\"key\":\"another\"}",
                "201|{\"text\":\"done\"}",
                "202|{\"key\":\"key-1\"}",
                "302|{\"key\":\"key-1\"}",
                "400|{\"key\":\"key-1\",\"reason\":\"x\"}",
                "401|{\"reason\":\"x\"}",
                "403|<p>blocked</p>",
                "404|<p>nothing here</p>",
                "404|{\"key\":\"another\"}",
                "408|{\"key\":\"key-1\",\"reason\":\"x\"}",
                "409|{\"key\":\"key-1\",\"reason\":\"x\"}",
                "410|{\"key\":\"key-1\",\"reason\":\"x\"}",
                "422|{\"reason\":\"The street is not served.\"}",
                "422|{\"key\":\"another\",\"reason\":\"x\"}",
                "422|<p>blocked</p>",
                "425|{\"key\":\"key-1\",\"reason\":\"x\"}",
                "429|{\"key\":\"key-1\",\"reason\":\"x\"}",
                "500|{\"key\":\"key-1\",\"reason\":\"x\"}",
                "503|<html>not for machines</html>",
            })
    void everythingElseIsNotKnown(int said, String words) {
        status = said;
        body = words;
        assertThat(send()).isInstanceOf(OutsideAnswer.Unknown.class);
        assertThat(lookUp()).isInstanceOf(OutsideAnswer.Unknown.class);
    }

    @Test
    void silenceAndEndlessAnswersAreNotKnown() {
        delayMillis = 900;
        assertThat(send()).isInstanceOf(OutsideAnswer.Unknown.class);
        delayMillis = 0;
        body = "{\"key\":\"key-1\",\"text\":\"" + "x".repeat(LimitedText.LIMIT_BYTES) + "\"}";
        assertThat(send()).isInstanceOf(OutsideAnswer.Unknown.class);
    }

    private OutsideAnswer<JsonNode> lookUp() {
        return calls.lookUp(books, "/books/journal/key-1", "key-1");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"24/17|/a/24%2F17", "24 #2?|/a/24%20%232%3F", "100%|/a/100%25", "..|/a/%2E%2E", "Ä;x|/a/%C3%84%3Bx"
            })
    void partsOfAnAddressMayHoldAnySign(String part, String path) {
        assertThat(OutsidePath.of("a", part)).isEqualTo(path);
    }

    @Test
    void oneThatDoesNotAnswerIsLeftAloneForAMomentAndOthersAreNot() {
        status = 500;
        for (int call = 0; call < 8; call++) {
            send();
        }
        assertThat(keys).hasSize(4);
        assertThat(send())
                .isInstanceOfSatisfying(
                        OutsideAnswer.Unknown.class,
                        unknown -> assertThat(unknown.reason()).contains("it is not called for a moment"));
        calls.send(connection("ORDERDESK", "Order desk"), "PUT", "/orders/1", "key-2", Map.of());
        assertThat(keys).endsWith("key-2").hasSize(5);
    }
}
