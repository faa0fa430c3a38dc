package nobrec.server.subscription.webhook;

import java.net.http.HttpRequest;
import java.util.Optional;
import nobrec.server.connection.Connection;
import nobrec.server.connection.HttpCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.connection.SignedCalls;
import nobrec.server.connection.UnclearAnswer;
import nobrec.server.subscription.EventPort;
import org.springframework.stereotype.Component;

/** Calls a subscriber with an event: a POST of JSON, signed with the secret that both sides know. */
@Component
class WebhookAdapter implements EventPort {

    private static final int SUCCESSFUL = 2;
    private static final int HUNDRED = 100;

    private final HttpCalls calls;
    private final SignedCalls signedCalls;

    WebhookAdapter(HttpCalls calls, SignedCalls signedCalls) {
        this.calls = calls;
        this.signedCalls = signedCalls;
    }

    @Override
    public String adapterName() {
        return CALLED;
    }

    /** Any answer of the 2xx kind says that it has arrived. */
    @Override
    public OutsideAnswer<String> deliver(Connection connection, String key, String body) {
        HttpRequest.Builder request = HttpRequest.newBuilder(connection.address())
                .timeout(connection.timeLimit())
                .header("Content-Type", "application/json")
                .header("Idempotency-Key", key);
        Optional<String> signature = signedCalls.signature(connection, body);
        signature.ifPresent(each -> request.header("Nobrec-Signature", each));
        return calls.call(
                connection,
                request.POST(HttpRequest.BodyPublishers.ofString(body)).build(),
                (status, text) -> {
                    if (status / HUNDRED == SUCCESSFUL) {
                        return new OutsideAnswer.Accepted<>("It answered " + status + ".");
                    }
                    throw new UnclearAnswer(connection.name(), status, "");
                });
    }
}
