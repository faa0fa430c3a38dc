package nobrec.server.platform.outbox;

import java.time.Duration;

/** How long to wait before asking a system outside again: 2 s, 4 s, 8 s, ... up to five minutes. */
public final class GrowingPause {

    private static final Duration FIRST = Duration.ofSeconds(2);
    static final Duration LONGEST = Duration.ofMinutes(5);
    private static final int MOST_DOUBLINGS = 8;

    private GrowingPause() {}

    /** @param attempts how often it was tried, 1 or more */
    public static Duration after(int attempts) {
        Duration pause = FIRST.multipliedBy(1L << Math.min(attempts - 1, MOST_DOUBLINGS));
        return pause.compareTo(LONGEST) > 0 ? LONGEST : pause;
    }
}
