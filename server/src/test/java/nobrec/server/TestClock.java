package nobrec.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** A clock that stands still until a test moves it: Tuesday 1 December 2026, 13:05 in Rockford. */
public final class TestClock extends Clock {

    public static final Instant TUESDAY_NOON = Instant.parse("2026-12-01T19:05:00Z");

    private Instant now = TUESDAY_NOON;

    @Override
    public synchronized Instant instant() {
        return now;
    }

    public synchronized void pass(Duration time) {
        now = now.plus(time);
    }

    public synchronized void reset() {
        now = TUESDAY_NOON;
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return this;
    }
}
