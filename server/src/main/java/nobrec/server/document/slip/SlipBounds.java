package nobrec.server.document.slip;

import java.time.Duration;

/**
 * How far setting a slip may go.
 *
 * @param rounds of sections, over and over
 * @param letters of markup
 * @param nanos in which it is to be done
 * @param measured whether what a style makes of pages is estimated before
 */
record SlipBounds(int rounds, int letters, int pages, long nanos, boolean measured) {

    /**
     * A shop's own template. A slip of 2,000 lines with ten columns goes round some 25,000 times, and its pages take some hundredths
     * of a second each.
     */
    static final SlipBounds OWN =
            new SlipBounds(400_000, 8_000_000, 600, Duration.ofSeconds(20).toNanos(), true);

    /** Ours ends by itself, and what has left has a slip however long it is. */
    static final SlipBounds OURS = new SlipBounds(
            Integer.MAX_VALUE,
            Integer.MAX_VALUE,
            Integer.MAX_VALUE,
            Duration.ofDays(1).toNanos(),
            false);
}
