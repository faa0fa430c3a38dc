package nobrec.server.platform;

import java.util.function.Supplier;

/** A value of what is set up, read again once anything of that has changed on any server. */
public final class Remembered<T> {

    private record Reading<T>(T value, long version) {}

    private final SetUpVersion version;
    private final Supplier<T> reader;
    private volatile Reading<T> latest;

    public Remembered(SetUpVersion version, Supplier<T> reader) {
        this.version = version;
        this.reader = reader;
    }

    public T get() {
        long now = version.current();
        Reading<T> known = latest;
        if (known == null || known.version() != now) {
            known = new Reading<>(reader.get(), now);
            latest = known;
        }
        return known.value();
    }
}
