package nobrec.server.platform;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.concurrent.atomic.AtomicReference;

/** The clock of the demonstration: it runs like any other, and somebody can let time pass. */
public final class DemoClock extends Clock {

    private final Clock running;
    private final AtomicReference<Duration> ahead;

    DemoClock(Clock running) {
        this(running, new AtomicReference<>(Duration.ZERO));
    }

    private DemoClock(Clock running, AtomicReference<Duration> ahead) {
        this.running = running;
        this.ahead = ahead;
    }

    /** It shows so much more than it would by itself from now on. */
    public void setAhead(Duration by) {
        ahead.set(by);
    }

    @Override
    public Instant instant() {
        return running.instant().plus(ahead.get());
    }

    @Override
    public ZoneId getZone() {
        return running.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return new DemoClock(running.withZone(zone), ahead);
    }
}
