package nobrec.server.platform;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.Supplier;

/**
 * A value of what is set up, read again once anything of that has changed on any server. Nobody waits for another's reading: who
 * waited inside a transaction would hold the connection that the reader may need.
 */
public final class Remembered<T> {

    private final SetUpVersion version;
    private final Supplier<T> reader;
    private final Cache<Long, T> byVersion =
            Caffeine.newBuilder().maximumSize(1).build();

    public Remembered(SetUpVersion version, Supplier<T> reader) {
        this.version = version;
        this.reader = reader;
    }

    public T get() {
        long now = version.current();
        T known = byVersion.getIfPresent(now);
        if (known == null) {
            known = reader.get();
            byVersion.put(now, known);
        }
        return known;
    }
}
