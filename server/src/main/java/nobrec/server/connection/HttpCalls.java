package nobrec.server.connection;

import io.github.resilience4j.circuitbreaker.CallNotPermittedException;
import io.github.resilience4j.circuitbreaker.CircuitBreaker;
import io.github.resilience4j.circuitbreaker.CircuitBreakerRegistry;
import java.io.IOException;
import java.math.BigDecimal;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.stereotype.Component;

/**
 * Calls over HTTP, each with its connection's address, credentials and time limit for the whole answer, and a breaker for
 * each connection that stops calling one that does not answer for five seconds. Never called inside a transaction.
 */
@Component
public class HttpCalls {

    /** Reads an answer as its protocol says. */
    @FunctionalInterface
    public interface AnswerReader<T> {
        OutsideAnswer<T> read(int status, String body) throws UnclearAnswer;
    }

    private static final Duration LONGEST_CONNECT = Duration.ofSeconds(5);

    private final HttpClient http = HttpClient.newBuilder()
            .connectTimeout(LONGEST_CONNECT)
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();
    private final CircuitBreakerRegistry breakers;

    public HttpCalls(CircuitBreakerRegistry breakers) {
        this.breakers = breakers;
    }

    /** A request to a path below the connection's address, signed in; the caller adds method and body. */
    public static HttpRequest.Builder request(Connection connection, String path) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(connection.at(path)).timeout(connection.timeLimit());
        connection.credentials().ifPresent(each -> request.header("Authorization", each.authorization()));
        return request;
    }

    public <T> OutsideAnswer<T> call(Connection connection, HttpRequest request, AnswerReader<T> reader) {
        String system = connection.name();
        OutsideTransactions.require(connection);
        CircuitBreaker breaker = breakers.circuitBreaker(connection.code());
        try {
            return breaker.executeCheckedSupplier(() -> {
                HttpResponse<String> response = exchange(connection, request);
                return reader.read(response.statusCode(), response.body());
            });
        } catch (CallNotPermittedException open) {
            return new OutsideAnswer.Unknown<>(system + " did not answer lately; it is not called for a moment.");
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
            return new OutsideAnswer.Unknown<>("The call to " + system + " was interrupted.");
        } catch (UnclearAnswer unclear) {
            return new OutsideAnswer.Unknown<>(String.valueOf(unclear.getMessage()));
        } catch (IOException failed) {
            return new OutsideAnswer.Unknown<>(
                    system + " gave no answer within " + seconds(connection.timeLimit()) + " s.");
        } catch (Throwable unexpected) {
            throw new IllegalStateException("The call to " + system + " failed", unexpected);
        }
    }

    /** A person asks: a system that is left alone for a moment is called all the same. */
    public void callAllTheSame(String connection) {
        CircuitBreaker breaker = breakers.circuitBreaker(connection);
        if (breaker.getState() == CircuitBreaker.State.OPEN) {
            breaker.transitionToHalfOpenState();
        }
    }

    public boolean leavesAlone(String connection) {
        return breakers.circuitBreaker(connection).getState() == CircuitBreaker.State.OPEN;
    }

    /** The time limit of the request covers its head only; this one covers the answer to its last byte. */
    private HttpResponse<String> exchange(Connection connection, HttpRequest request)
            throws IOException, InterruptedException {
        CompletableFuture<HttpResponse<String>> exchange = http.sendAsync(request, head -> LimitedText.subscriber());
        try {
            return exchange.get(connection.timeLimit().toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException late) {
            exchange.cancel(true);
            throw new IOException("It took too long.", late);
        } catch (ExecutionException failed) {
            throw new IOException(failed.getCause());
        }
    }

    /** 3 or 0.3. */
    private static String seconds(Duration limit) {
        return BigDecimal.valueOf(limit.toMillis(), 3).stripTrailingZeros().toPlainString();
    }
}
