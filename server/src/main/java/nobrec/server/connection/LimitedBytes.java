package nobrec.server.connection;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse.BodySubscriber;
import java.nio.ByteBuffer;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.Flow;
import org.jspecify.annotations.Nullable;

/** Bytes of an answer, read up to a limit: a system outside that sends without end fills no memory of ours. */
public final class LimitedBytes implements BodySubscriber<byte[]> {

    /** More came than is read. */
    static final class TooMany extends IOException {
        private static final long serialVersionUID = 1L;

        TooMany(int limit) {
            super("The answer is longer than " + limit + " bytes.");
        }
    }

    private final int limit;
    private final CompletableFuture<byte[]> body = new CompletableFuture<>();
    private final ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    private Flow.@Nullable Subscription subscription;

    public LimitedBytes(int limit) {
        this.limit = limit;
    }

    @Override
    public CompletionStage<byte[]> getBody() {
        return body;
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
        if (bytes.size() > limit) {
            Objects.requireNonNull(subscription).cancel();
            body.completeExceptionally(new TooMany(limit));
        }
    }

    @Override
    public void onError(Throwable failed) {
        body.completeExceptionally(failed);
    }

    @Override
    public void onComplete() {
        body.complete(bytes.toByteArray());
    }
}
