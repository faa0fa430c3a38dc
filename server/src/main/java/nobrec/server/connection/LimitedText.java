package nobrec.server.connection;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse.BodySubscriber;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.Flow;
import org.jspecify.annotations.Nullable;

/** Text of an answer, read up to a limit: a system outside that sends without end fills no memory of ours. */
final class LimitedText implements BodySubscriber<String> {

    static final int LIMIT_BYTES = 1_000_000;

    private final CompletableFuture<String> text = new CompletableFuture<>();
    private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    private Flow.@Nullable Subscription subscription;

    @Override
    public CompletionStage<String> getBody() {
        return text;
    }

    @Override
    public void onSubscribe(Flow.Subscription subscribed) {
        subscription = subscribed;
        subscribed.request(Long.MAX_VALUE);
    }

    @Override
    public void onNext(List<ByteBuffer> buffers) {
        for (ByteBuffer buffer : buffers) {
            byte[] part = new byte[buffer.remaining()];
            buffer.get(part);
            bytes.writeBytes(part);
        }
        if (bytes.size() > LIMIT_BYTES) {
            Objects.requireNonNull(subscription).cancel();
            text.completeExceptionally(new IOException("The answer is longer than " + LIMIT_BYTES + " bytes."));
        }
    }

    @Override
    public void onError(Throwable failed) {
        text.completeExceptionally(failed);
    }

    @Override
    public void onComplete() {
        text.complete(bytes.toString(StandardCharsets.UTF_8));
    }
}
