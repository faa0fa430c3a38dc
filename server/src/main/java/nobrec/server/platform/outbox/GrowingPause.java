package nobrec.server.platform.outbox;

import java.time.Duration;

/**
 * How long to wait before asking a system outside again: about 2 s, 4 s, 8 s, ... up to five minutes; each entry a little sooner or
 * later than the others, so that not all come at one moment when a system is back.
 */
public final class GrowingPause {

    private static final Duration FIRST = Duration.ofSeconds(2);
    static final Duration LONGEST = Duration.ofMinutes(5);
    private static final int MAX_DOUBLINGS = 8;
    private static final int PER_CENT = 100;
    private static final int SPREAD_PER_CENT = 20;

    private GrowingPause() {}

    /**
     * @param attempts how often it was tried, 1 or more
     * @param key decides how much sooner
     */
    public static Duration after(int attempts, String key) {
        Duration pause = FIRST.multipliedBy(1L << Math.min(attempts - 1, MAX_DOUBLINGS));
        Duration capped = pause.compareTo(LONGEST) > 0 ? LONGEST : pause;
        int sooner = Math.floorMod((key + attempts).hashCode(), SPREAD_PER_CENT);
        return capped.multipliedBy(PER_CENT - sooner).dividedBy(PER_CENT);
    }
}
