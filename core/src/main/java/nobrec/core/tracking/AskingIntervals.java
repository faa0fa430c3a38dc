package nobrec.core.tracking;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;

/**
 * How often a carrier is asked about a package.
 *
 * @param usual while all is as it should be
 * @param dueToday on the day on which it is due
 * @param quiet once it has not moved for {@code quietDays}
 * @param quietDays without any movement after which it may be lost
 */
public record AskingIntervals(Duration usual, Duration dueToday, Duration quiet, int quietDays) {

    public static final AskingIntervals USUAL =
            new AskingIntervals(Duration.ofHours(1), Duration.ofMinutes(20), Duration.ofDays(7), 10);

    /** Nobody asks about it any more after so many days without movement. */
    public static final int GIVEN_UP_AFTER_DAYS = 120;

    public AskingIntervals {
        if (usual.isNegative() || usual.isZero() || dueToday.compareTo(usual) > 0 || quiet.compareTo(usual) < 0) {
            throw new IllegalArgumentException(
                    "A package is asked about at least as often on the day it is due, and at most as often once it is quiet.");
        }
    }

    /**
     * @param moved when it moved last, or was given to the carrier
     * @param today in the shop's time
     * @return when it is asked about next; empty where no answer would change anything any more
     */
    public Optional<Instant> next(Track.State state, Instant moved, LocalDate promise, Instant now, LocalDate today) {
        Duration still = Duration.between(moved, now);
        if (state.isLast() || still.compareTo(Duration.ofDays(GIVEN_UP_AFTER_DAYS)) > 0) {
            return Optional.empty();
        }
        if (still.compareTo(Duration.ofDays(quietDays)) > 0) {
            return Optional.of(now.plus(quiet));
        }
        boolean due = promise.equals(today) || state == Track.State.OUT_FOR_DELIVERY;
        return Optional.of(now.plus(due ? dueToday : usual));
    }
}
