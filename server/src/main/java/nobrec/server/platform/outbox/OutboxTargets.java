package nobrec.server.platform.outbox;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** How the systems outside are called: not at all for a while, or so many times a minute by all servers together. */
@Service
public class OutboxTargets {

    /** A target that was left alone takes so much at once: workers look every two seconds. */
    private static final Duration AT_ONCE = Duration.ofSeconds(3);

    private static final long MICROS_OF_MINUTE = Duration.ofMinutes(1).toNanos() / 1_000;

    private final OutboxMapper mapper;
    private final Clock clock;

    OutboxTargets(OutboxMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    public Map<String, TargetRow> all() {
        return mapper.targets().stream().collect(Collectors.toMap(TargetRow::code, Function.identity()));
    }

    /** To be called in a transaction. */
    public void keep(TargetRow target) {
        mapper.keepTarget(target);
    }

    /** Whether it may be called now; the call counts. To be asked in the transaction that takes what is sent. */
    boolean mayCall(TargetRow target) {
        if (target.callsAMinute() == 0) {
            return true;
        }
        Instant now = clock.instant();
        return mapper.takeCall(target.code(), now, now.minus(AT_ONCE), MICROS_OF_MINUTE / target.callsAMinute()) == 1;
    }
}
