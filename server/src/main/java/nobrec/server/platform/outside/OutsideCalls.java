package nobrec.server.platform.outside;

import io.github.resilience4j.circuitbreaker.CallNotPermittedException;
import io.github.resilience4j.circuitbreaker.CircuitBreaker;
import io.github.resilience4j.circuitbreaker.CircuitBreakerRegistry;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.Shortened;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Calls to systems outside, each with a key of its own, a time limit for the whole answer, and a breaker for each system
 * that stops calling one that does not answer for five seconds. Never called inside a transaction. What counts as an answer
 * is in {@code docs/outside-protocol.md}.
 */
@Component
public class OutsideCalls {

    private static final int DONE = 200;
    private static final int DONE_NOW = 201;
    private static final int NOT_FOUND = 404;
    private static final int REFUSED = 422;
    private static final int LONGEST_REASON = 400;

    private final HttpClient http;
    private final JsonMapper json;
    private final NobrecSettings.Outside settings;
    private final CircuitBreakerRegistry breakers;

    OutsideCalls(JsonMapper json, NobrecSettings settings, CircuitBreakerRegistry breakers) {
        this.json = json;
        this.breakers = breakers;
        this.settings = settings.outside();
        this.http = HttpClient.newBuilder()
                .connectTimeout(this.settings.timeLimit())
                .followRedirects(HttpClient.Redirect.NEVER)
                .build();
    }

    /** Sends a body, with a key under which the other side does it once however often it comes. */
    public OutsideAnswer send(String system, String method, String path, String key, String body) {
        OutsideAnswer answer = call(
                system,
                key,
                request(path)
                        .header("Content-Type", "application/json")
                        .header("Idempotency-Key", key)
                        .method(method, HttpRequest.BodyPublishers.ofString(body))
                        .build());
        return answer instanceof OutsideAnswer.NotFound
                ? new OutsideAnswer.Unknown(system + " says that there is nothing at that address (404).")
                : answer;
    }

    /** Asks what the other side has under a key. */
    public OutsideAnswer lookUp(String system, String path, String key) {
        return call(system, key, request(path).GET().build());
    }

    /** A person asks: a system that is left alone for a moment is called all the same. */
    public void callAllTheSame(String system) {
        CircuitBreaker breaker = breakers.circuitBreaker(system);
        if (breaker.getState() == CircuitBreaker.State.OPEN) {
            breaker.transitionToHalfOpenState();
        }
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(settings.address() + path)).timeout(settings.timeLimit());
    }

    private OutsideAnswer call(String system, String key, HttpRequest request) {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            throw new IllegalStateException(system + " must not be called inside a transaction.");
        }
        CircuitBreaker breaker = breakers.circuitBreaker(system);
        try {
            return breaker.executeCheckedSupplier(() -> answer(system, key, request));
        } catch (CallNotPermittedException open) {
            return new OutsideAnswer.Unknown(system + " did not answer lately; it is not called for a moment.");
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            return new OutsideAnswer.Unknown("The call to " + system + " was interrupted.");
        } catch (OutOfOrder outOfOrder) {
            return new OutsideAnswer.Unknown(outOfOrder.getMessage());
        } catch (IOException failed) {
            return new OutsideAnswer.Unknown(
                    system + " gave no answer within " + settings.timeLimit().toSeconds() + " s.");
        } catch (Throwable unexpected) {
            throw new IllegalStateException("The call to " + system + " failed", unexpected);
        }
    }

    /** The time limit of the request covers its head only; this one covers the answer to its last byte. */
    private HttpResponse<String> exchange(HttpRequest request) throws IOException, InterruptedException {
        CompletableFuture<HttpResponse<String>> exchange = http.sendAsync(request, head -> new LimitedText());
        try {
            return exchange.get(settings.timeLimit().toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException late) {
            exchange.cancel(true);
            throw new IOException("It took too long.", late);
        } catch (ExecutionException failed) {
            throw new IOException(failed.getCause());
        }
    }

    private OutsideAnswer answer(String system, String key, HttpRequest request)
            throws IOException, InterruptedException {
        HttpResponse<String> response = exchange(request);
        int status = response.statusCode();
        JsonNode body = read(response.body());
        boolean ofThisKey = body.path("key").asString("").equals(key);
        if (ofThisKey && (status == DONE || status == DONE_NOW)) {
            return new OutsideAnswer.Accepted(body);
        }
        if (ofThisKey && status == REFUSED) {
            return new OutsideAnswer.Refused(reason(body));
        }
        if (ofThisKey && status == NOT_FOUND) {
            return new OutsideAnswer.NotFound();
        }
        throw new OutOfOrder(system + " did not answer as agreed (" + status + "): " + reason(body));
    }

    /** What was sent, or an empty object when it is no JSON object. */
    private JsonNode read(String body) {
        try {
            JsonNode node = json.readTree(body);
            return node.isObject() ? node : json.createObjectNode();
        } catch (JacksonException notJson) {
            return json.createObjectNode();
        }
    }

    private static String reason(JsonNode body) {
        String reason = body.path("reason").asString("");
        return reason.isBlank() ? "it said nothing that can be read." : Shortened.to(LONGEST_REASON, reason);
    }

    /** There is an answer, and nothing certain is in it. */
    private static final class OutOfOrder extends IOException {
        OutOfOrder(String message) {
            super(message);
        }
    }
}
