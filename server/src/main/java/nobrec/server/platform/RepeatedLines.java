package nobrec.server.platform;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.LoggerContext;
import ch.qos.logback.classic.turbo.TurboFilter;
import ch.qos.logback.core.spi.FilterReply;
import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.LongSupplier;
import org.slf4j.ILoggerFactory;
import org.slf4j.LoggerFactory;
import org.slf4j.Marker;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * A line that repeats is written once a minute, with how often it came meanwhile: a fault that stays fills no disk and hides
 * no other.
 */
@Component
class RepeatedLines extends TurboFilter {

    private static final long WINDOW_NANOS = Duration.ofMinutes(1).toNanos();
    private static final int MAX_LINES = 500;

    private static final class Seen {
        private final long since;
        private int left;

        Seen(long since) {
            this.since = since;
        }
    }

    private final LongSupplier nanos;

    private final Map<String, Seen> lines = new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Seen> eldest) {
            return size() > MAX_LINES;
        }
    };

    @Autowired
    RepeatedLines() {
        this(System::nanoTime);
    }

    RepeatedLines(LongSupplier nanos) {
        this.nanos = nanos;
    }

    @PostConstruct
    void install() {
        ILoggerFactory factory = LoggerFactory.getILoggerFactory();
        if (factory instanceof LoggerContext context) {
            context.addTurboFilter(this);
        }
    }

    @PreDestroy
    void remove() {
        ILoggerFactory factory = LoggerFactory.getILoggerFactory();
        if (factory instanceof LoggerContext context) {
            context.getTurboFilterList().remove(this);
        }
    }

    @Override
    public FilterReply decide(
            Marker marker, Logger logger, Level level, String format, Object[] values, Throwable thrown) {
        if (format == null || !level.isGreaterOrEqual(logger.getEffectiveLevel())) {
            return FilterReply.NEUTRAL;
        }
        int left = leftOut(logger.getName() + level + format + Arrays.toString(values) + thrown);
        if (left < 0) {
            return FilterReply.DENY;
        }
        if (left > 0) {
            logger.log(
                    null,
                    RepeatedLines.class.getName(),
                    level.toInt() / 1000,
                    left + " more times in the last minute: " + format,
                    values,
                    null);
        }
        return FilterReply.NEUTRAL;
    }

    /** How often a line was left out before this time; below zero when it is left out now. */
    synchronized int leftOut(String line) {
        Seen seen = lines.get(line);
        if (seen == null) {
            lines.put(line, new Seen(nanos.getAsLong()));
            return 0;
        }
        if (nanos.getAsLong() - seen.since < WINDOW_NANOS) {
            seen.left++;
            return -1;
        }
        lines.put(line, new Seen(nanos.getAsLong()));
        return seen.left;
    }
}
