package nobrec.server.platform.outside;

import io.github.resilience4j.circuitbreaker.CallNotPermittedException;
import io.github.resilience4j.circuitbreaker.CircuitBreaker;
import io.github.resilience4j.circuitbreaker.CircuitBreakerConfig;
import io.github.resilience4j.circuitbreaker.CircuitBreakerRegistry;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import nobrec.server.platform.NobrecSettings;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Calls to systems outside, each with a key of its own, a time limit, and a breaker for each system that stops calling
 * one that does not answer for five seconds. Never called inside a transaction.
 */
@Component
public class OutsideCalls {

    private static final int SERVER_FAULT = 500;
    private static final int NOT_FOUND = 404;
    private static final int CLIENT_FAULT = 400;
    private static final int LONGEST_REASON = 400;

    private final HttpClient http;
    private final JsonMapper json;
    private final NobrecSettings.Outside settings;
    private final CircuitBreakerRegistry breakers = CircuitBreakerRegistry.of(CircuitBreakerConfig.custom()
            .slidingWindowSize(8)
            .minimumNumberOfCalls(4)
            .waitDurationInOpenState(Duration.ofSeconds(5))
            .build());

    OutsideCalls(JsonMapper json, NobrecSettings settings) {
        this.json = json;
        this.settings = settings.outside();
        this.http = HttpClient.newBuilder()
                .connectTimeout(this.settings.timeLimit())
                .build();
    }

    /** Sends a body, with a key under which the other side does it once however often it comes. */
    public OutsideAnswer send(String system, String method, String path, String key, String body) {
        return call(
                system,
                request(path)
                        .header("Content-Type", "application/json")
                        .header("Idempotency-Key", key)
                        .method(method, HttpRequest.BodyPublishers.ofString(body))
                        .build());
    }

    public OutsideAnswer lookUp(String system, String path) {
        return call(system, request(path).GET().build());
    }

    private HttpRequest.Builder request(String path) {
        URI address = URI.create(settings.address() + path);
        return HttpRequest.newBuilder(address).timeout(settings.timeLimit());
    }

    private OutsideAnswer call(String system, HttpRequest request) {
        CircuitBreaker breaker = breakers.circuitBreaker(system);
        try {
            return breaker.executeCheckedSupplier(() -> answer(system, request));
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

    private OutsideAnswer answer(String system, HttpRequest request) throws IOException, InterruptedException {
        HttpResponse<String> response = http.send(request, HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() >= SERVER_FAULT) {
            throw new OutOfOrder(system + " is out of order: " + reason(response.body()));
        }
        if (response.statusCode() == NOT_FOUND) {
            return new OutsideAnswer.NotFound();
        }
        if (response.statusCode() >= CLIENT_FAULT) {
            return new OutsideAnswer.Refused(reason(response.body()));
        }
        return new OutsideAnswer.Accepted(response.body());
    }

    private String reason(String body) {
        try {
            String reason = json.readTree(body).path("reason").asString("");
            return reason.length() <= LONGEST_REASON ? reason : reason.substring(0, LONGEST_REASON);
        } catch (JacksonException notJson) {
            return "it said nothing that can be read.";
        }
    }

    /** The other side says itself that it cannot answer now. */
    private static final class OutOfOrder extends IOException {
        OutOfOrder(String message) {
            super(message);
        }
    }
}
