package nobrec.server.platform;

import java.time.Duration;
import java.util.function.Supplier;

/** A value that is read again once it is older than a while. Several servers on one database agree again after that time. */
public final class Remembered<T> {

    private record Reading<T>(T value, long nanos) {}

    private final long whileNanos;
    private final Supplier<T> reader;
    private volatile Reading<T> latest;

    public Remembered(Duration whileFor, Supplier<T> reader) {
        this.whileNanos = whileFor.toNanos();
        this.reader = reader;
    }

    public T get() {
        Reading<T> known = latest;
        if (known == null || System.nanoTime() - known.nanos() > whileNanos) {
            known = new Reading<>(reader.get(), System.nanoTime());
            latest = known;
        }
        return known.value();
    }

    /** The next one who asks reads it anew. */
    public void forget() {
        latest = null;
    }
}
