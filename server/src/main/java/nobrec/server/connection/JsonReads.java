package nobrec.server.connection;

import java.net.ConnectException;
import java.net.URI;
import java.net.UnknownHostException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpTimeoutException;
import java.nio.ByteBuffer;
import java.nio.channels.UnresolvedAddressException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.security.NoSuchAlgorithmException;
import java.security.cert.CertPathBuilderException;
import java.security.cert.CertificateException;
import java.security.cert.CertificateExpiredException;
import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLException;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads JSON from systems outside. What goes wrong is said in plain words with what to do; a redirect is never followed, an inner
 * host called only where the installation names it. Never called inside a transaction.
 */
@Component
public class JsonReads {

    /** @param windows1252 whether its letters were not in UTF-8, as JSON demands, and were read as Windows-1252 */
    public record Answer(JsonNode body, Duration took, boolean windows1252) {}

    private static final int LIMIT_BYTES = 8_000_000;
    private static final Duration LONGEST_CONNECT = Duration.ofSeconds(5);
    private static final Duration USUAL_PAUSE = Duration.ofSeconds(30);
    private static final long LONGEST_PAUSE_SECONDS = 3_600;
    private static final int BAD_REQUEST = 400;
    private static final int TOO_MANY = 429;
    private static final int UNAVAILABLE = 503;
    private static final Charset WINDOWS_1252 = Charset.forName("windows-1252");

    private final HttpClient http;

    /** A field of megabytes is a fault of its record, not of all. */
    private final JsonMapper json = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxStringLength(LIMIT_BYTES)
                            .maxNestingDepth(50)
                            .build())
                    .build())
            .build();

    private final InnerHosts innerHosts;

    @Autowired
    JsonReads(InnerHosts innerHosts) throws NoSuchAlgorithmException {
        this(innerHosts, SSLContext.getDefault());
    }

    /** @param trust whose certificates are believed */
    JsonReads(InnerHosts innerHosts, SSLContext trust) {
        this.innerHosts = innerHosts;
        this.http = HttpClient.newBuilder()
                .sslContext(trust)
                .connectTimeout(LONGEST_CONNECT)
                .followRedirects(HttpClient.Redirect.NEVER)
                .build();
    }

    /** @param path below the connection's address, with its query */
    public Answer read(Connection connection, String path) throws ReadFault {
        OutsideTransactions.require(connection);
        requireAllowed(connection.address());
        long begun = System.nanoTime();
        HttpResponse<byte[]> response =
                exchange(connection, HttpCalls.request(connection, path).GET().build());
        requireAnswered(connection, response);
        Duration took = Duration.ofNanos(System.nanoTime() - begun);
        String text = utf8(response.body());
        return text == null
                ? new Answer(parsed(new String(response.body(), WINDOWS_1252), response), took, true)
                : new Answer(parsed(text, response), took, false);
    }

    private void requireAllowed(URI address) throws ReadFault {
        try {
            innerHosts.require(address);
        } catch (UnknownHostException unknown) {
            throw noSuchHost(address);
        }
    }

    private static ReadFault noSuchHost(URI address) {
        return ReadFault.lasting("There is no host “" + address.getHost() + "”.", "Check how the address is written.");
    }

    /** The time limit covers the answer to its last byte. */
    private HttpResponse<byte[]> exchange(Connection connection, HttpRequest request) throws ReadFault {
        CompletableFuture<HttpResponse<byte[]>> exchange =
                http.sendAsync(request, head -> new LimitedBytes(LIMIT_BYTES));
        try {
            return exchange.get(connection.timeLimit().toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException late) {
            exchange.cancel(true);
            throw tooSlow(connection);
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            throw ReadFault.passing("The call was interrupted.", "Try again.");
        } catch (ExecutionException failed) {
            throw fault(connection, failed);
        }
    }

    private static ReadFault tooSlow(Connection connection) {
        return ReadFault.passing(
                "It gave no whole answer within " + connection.timeLimit().toMillis() + " ms.",
                "Allow it more time, or ask whoever runs it.");
    }

    private static ReadFault fault(Connection connection, Throwable cause) {
        URI address = connection.address();
        if (has(cause, UnresolvedAddressException.class) || has(cause, UnknownHostException.class)) {
            return noSuchHost(address);
        }
        if (has(cause, LimitedBytes.TooMany.class)) {
            return ReadFault.lasting(
                    "Its answer is longer than " + LIMIT_BYTES / 1_000_000 + " MB.",
                    "Have it send fewer records at once.");
        }
        if (has(cause, SSLException.class)) {
            return unproven(address, cause);
        }
        if (has(cause, HttpTimeoutException.class)) {
            return tooSlow(connection);
        }
        if (has(cause, ConnectException.class)) {
            return ReadFault.passing(
                    address.getHost() + " refused the connection.", "Check the port, and whether it is running.");
        }
        return ReadFault.passing("The connection broke off: " + message(cause) + ".", "Try again.");
    }

    private static ReadFault unproven(URI address, Throwable cause) {
        if (has(cause, CertificateExpiredException.class)) {
            return ReadFault.lasting("Its certificate has run out.", "Ask whoever runs it to renew it.");
        }
        if (has(cause, CertPathBuilderException.class)) {
            return ReadFault.lasting(
                    "Its certificate is signed by nobody who is known here.",
                    "Check the address; have whoever runs it use a certificate of a public authority.");
        }
        return has(cause, CertificateException.class)
                ? ReadFault.lasting(
                        "Its certificate does not match: it is not made out to " + address.getHost() + ".",
                        "Write the address as the certificate does.")
                : ReadFault.lasting(
                        "No safe connection comes about: " + message(cause) + ".",
                        "Check the port, and whether it speaks https there.");
    }

    private static String message(Throwable failed) {
        Throwable cause = failed.getCause();
        String message = cause == null ? failed.getMessage() : cause.getMessage();
        return message == null ? "no reason given" : message.replaceAll("\\.$", "");
    }

    private static boolean has(Throwable cause, Class<? extends Throwable> kind) {
        for (Throwable each = cause; each != null; each = each.getCause()) {
            if (kind.isInstance(each)) {
                return true;
            }
        }
        return false;
    }

    private static void requireAnswered(Connection connection, HttpResponse<byte[]> response) throws ReadFault {
        int status = response.statusCode();
        switch (status) {
            case 200 -> {}
            case 401, 403 ->
                throw ReadFault.lasting("It does not accept our key (" + status + ").", "Enter its key again.");
            case 301, 302, 303, 307, 308 ->
                throw ReadFault.lasting(
                        "It sends us on to "
                                + UnclearAnswer.shown(response.headers()
                                        .firstValue("Location")
                                        .orElse("")) + " ("
                                + status + "), which is not followed.",
                        "Enter that address if it is the right one.");
            case 404 ->
                throw ReadFault.lasting(
                        "There is nothing at " + connection.address() + " that speaks this protocol (404).",
                        "Check the path in the address.");
            case TOO_MANY, UNAVAILABLE ->
                throw ReadFault.tooOften("It asks us to come later (" + status + ").", retryAfter(response));
            default ->
                throw status >= BAD_REQUEST
                        ? ReadFault.passing("It failed (" + status + ").", "Try again, or ask whoever runs it.")
                        : ReadFault.lasting("It answers something else (" + status + ").", "Check the address.");
        }
    }

    private static Duration retryAfter(HttpResponse<byte[]> response) {
        String said = response.headers().firstValue("Retry-After").orElse("");
        return said.matches("[0-9]{1,6}")
                ? Duration.ofSeconds(Math.min(LONGEST_PAUSE_SECONDS, Long.parseLong(said)))
                : USUAL_PAUSE;
    }

    private JsonNode parsed(String text, HttpResponse<byte[]> response) throws ReadFault {
        try {
            JsonNode body = json.readTree(text);
            if (body.isObject()) {
                return body;
            }
        } catch (JacksonException notJson) {
            if (text.stripLeading().startsWith("{")) {
                throw ReadFault.passing("Its answer breaks off in the middle.", "Try again, or ask whoever runs it.");
            }
        }
        boolean page = text.stripLeading().startsWith("<")
                || response.headers().firstValue("Content-Type").orElse("").contains("html");
        throw ReadFault.lasting(
                page ? "It answers with a web page, not with records." : "It answers something that is no JSON object.",
                "Check the address: it may be that of its screen, or of a sign-in page.");
    }

    /** Null when the bytes are no UTF-8. */
    private static @Nullable String utf8(byte[] bytes) {
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException other) {
            return null;
        }
    }
}
