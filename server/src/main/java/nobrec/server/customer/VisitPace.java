package nobrec.server.customer;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.Objects;
import java.util.concurrent.atomic.AtomicInteger;
import nobrec.server.api.request.SenderAddress;
import org.springframework.stereotype.Component;

/**
 * How often one sender may look at customers' pages: each look computes all prices. Counted by each server for itself. Common practice, no
 * source.
 */
@Component
class VisitPace {

    private static final int IN_A_MINUTE = 60;
    private static final int SENDERS_KNOWN = 10_000;

    private final Cache<String, AtomicInteger> visits = Caffeine.newBuilder()
            .maximumSize(SENDERS_KNOWN)
            .expireAfterWrite(Duration.ofMinutes(1))
            .build();

    /** Counts it, and says whether it may be answered. */
    boolean allows(HttpServletRequest request) {
        return Objects.requireNonNull(visits.get(SenderAddress.of(request), sender -> new AtomicInteger()))
                        .incrementAndGet()
                <= IN_A_MINUTE;
    }

    void forget() {
        visits.invalidateAll();
    }
}
