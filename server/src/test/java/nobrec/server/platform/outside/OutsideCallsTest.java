package nobrec.server.platform.outside;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import nobrec.core.measure.UnitSystem;
import nobrec.server.platform.NobrecSettings;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.json.JsonMapper;

class OutsideCallsTest {

    private final List<String> keys = new CopyOnWriteArrayList<>();
    private HttpServer server;
    private OutsideCalls calls;
    private int status = 200;
    private String body = "{\"text\":\"done\"}";
    private long delayMillis;

    @BeforeEach
    void start() throws IOException {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.setExecutor(Executors.newCachedThreadPool());
        server.createContext("/", exchange -> {
            keys.add(String.valueOf(exchange.getRequestHeaders().getFirst("Idempotency-Key")));
            sleep(delayMillis);
            byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
            exchange.sendResponseHeaders(status, bytes.length);
            exchange.getResponseBody().write(bytes);
            exchange.close();
        });
        server.start();
        calls = new OutsideCalls(
                JsonMapper.builder().build(),
                new NobrecSettings(
                        UnitSystem.POUND_INCH,
                        new NobrecSettings.Outside(
                                URI.create("http://127.0.0.1:"
                                        + server.getAddress().getPort()),
                                Duration.ofMillis(300)),
                        new NobrecSettings.Scale("127.0.0.1", 1),
                        new NobrecSettings.Accounts("5210", "2150")));
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

    private OutsideAnswer send() {
        return calls.send("Books", "POST", "/books/journal", "key-1", "{}");
    }

    @Test
    void sendsItsKey() {
        assertThat(send()).isEqualTo(new OutsideAnswer.Accepted("{\"text\":\"done\"}"));
        assertThat(keys).containsExactly("key-1");
    }

    @ParameterizedTest
    @CsvSource({"422, The street is not served.", "409, Booked otherwise."})
    void aRefusalIsARefusalWithItsReason(int refusal, String reason) {
        status = refusal;
        body = "{\"reason\":\"" + reason + "\"}";
        assertThat(send()).isEqualTo(new OutsideAnswer.Refused(reason));
    }

    @Test
    void whatIsNotThereWasNotDone() {
        status = 404;
        assertThat(calls.lookUp("Books", "/books/journal/key-1")).isEqualTo(new OutsideAnswer.NotFound());
    }

    @Test
    void silenceAndDisorderAreNotKnown() {
        delayMillis = 900;
        assertThat(send()).isInstanceOf(OutsideAnswer.Unknown.class);
        delayMillis = 0;
        status = 503;
        body = "<html>not for machines</html>";
        assertThat(send())
                .isEqualTo(new OutsideAnswer.Unknown("Books is out of order: it said nothing that can be read."));
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
        calls.send("Order desk", "PUT", "/orders/1", "key-2", "{}");
        assertThat(keys).endsWith("key-2").hasSize(5);
    }
}
