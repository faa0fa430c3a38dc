package nobrec.server.platform.outbox;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;

/**
 * When stored work is due. A due time never lies further away than the longest pause; one that does was written while the
 * clock was ahead, and counts as due now.
 *
 * @param now work is due when its time is not after this
 * @param notPossible ... or when it is after this
 */
public record DueTimes(Instant now, Instant notPossible) {

    /** A server that took a piece of work and was killed is given up after this, where calls are short. */
    private static final Duration LEASE = Duration.ofSeconds(10);

    /** Carrying out an entry takes at most so many calls, and this around them. */
    private static final int CALLS = 2;

    private static final Duration AROUND_CALLS = Duration.ofSeconds(4);

    private static final Duration SLACK = Duration.ofMinutes(1);

    public static DueTimes at(Clock clock) {
        Instant now = clock.instant();
        return new DueTimes(now, now.plus(GrowingPause.LONGEST).plus(SLACK));
    }

    /** Until when nobody else takes what is taken now: its calls have come to an end by then. */
    public Instant leaseEnds(Duration longestCall) {
        Duration needed = longestCall.multipliedBy(CALLS).plus(AROUND_CALLS);
        return now.plus(needed.compareTo(LEASE) > 0 ? needed : LEASE);
    }
}
