package nobrec.server.platform.security;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Slows down guessing: after five wrong passwords in a row a name is closed for a minute on this server. */
public class SignInAttempts {

    private static final int ALLOWED = 5;
    private static final int MOST_NAMES = 10_000;
    private static final Duration CLOSED = Duration.ofMinutes(1);

    private record Failures(int count, Instant last) {}

    private final Map<String, Failures> failures = new ConcurrentHashMap<>();
    private final Clock clock;

    SignInAttempts(Clock clock) {
        this.clock = clock;
    }

    /** Whether that name may not sign in just now. */
    public boolean isClosed(String signIn) {
        Failures known = failures.get(key(signIn));
        return known != null
                && known.count() >= ALLOWED
                && known.last().plus(CLOSED).isAfter(clock.instant());
    }

    void failed(String signIn) {
        if (failures.size() < MOST_NAMES) {
            failures.merge(
                    key(signIn),
                    new Failures(1, clock.instant()),
                    (known, fresh) -> new Failures(known.count() + 1, fresh.last()));
        }
    }

    void succeeded(String signIn) {
        failures.remove(key(signIn));
    }

    private static String key(String signIn) {
        return signIn == null ? "" : signIn.toLowerCase(Locale.ROOT);
    }
}
