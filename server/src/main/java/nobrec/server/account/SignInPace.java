package nobrec.server.account;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * How long the next try has to wait: after five on one account or from one device 1 s, then twice as long each time, 15 s at
 * most; from one sender after twenty, a minute at most. Common practice, no source.
 */
final class SignInPace {

    /** Tries older than this no longer count. */
    static final Duration FORGOTTEN_AFTER = Duration.ofMinutes(15);

    private static final int FREE = 5;
    private static final int FREE_OF_A_SENDER = 20;
    private static final Duration LONGEST = Duration.ofSeconds(15);
    private static final Duration LONGEST_OF_A_SENDER = Duration.ofMinutes(1);
    private static final int MAX_DOUBLINGS = 6;

    private SignInPace() {}

    /** Empty when it may be tried now. A last try that lies ahead was written by a clock that was wrong. */
    static Optional<Duration> wait(SignInFailure failure, Instant now) {
        Duration since = Duration.between(failure.lastAt(), now);
        if (since.isNegative() || since.compareTo(FORGOTTEN_AFTER) > 0) {
            return Optional.empty();
        }
        Duration left = pause(failure).minus(since);
        return left.isNegative() || left.isZero() ? Optional.empty() : Optional.of(left);
    }

    private static Duration pause(SignInFailure failure) {
        boolean sender = failure.subject().startsWith("sender:");
        int over = failure.count() - (sender ? FREE_OF_A_SENDER : FREE);
        if (over < 0) {
            return Duration.ZERO;
        }
        Duration pause = Duration.ofSeconds(1L << Math.min(over, MAX_DOUBLINGS));
        Duration longest = sender ? LONGEST_OF_A_SENDER : LONGEST;
        return pause.compareTo(longest) > 0 ? longest : pause;
    }
}
