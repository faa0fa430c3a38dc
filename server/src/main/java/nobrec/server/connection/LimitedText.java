package nobrec.server.connection;

import java.net.http.HttpResponse.BodySubscriber;
import java.net.http.HttpResponse.BodySubscribers;
import java.nio.charset.StandardCharsets;

/** Text of an answer, read up to a limit. */
final class LimitedText {

    static final int LIMIT_BYTES = 1_000_000;

    private LimitedText() {}

    static BodySubscriber<String> subscriber() {
        return BodySubscribers.mapping(
                new LimitedBytes(LIMIT_BYTES), bytes -> new String(bytes, StandardCharsets.UTF_8));
    }
}
