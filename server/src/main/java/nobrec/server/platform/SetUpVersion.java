package nobrec.server.platform;

import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Each change of what is set up, on whichever server, gives it another number: what is remembered counts for one number. */
@Component
public class SetUpVersion {

    /** Another server's change is seen after this. */
    private static final long KNOWN_FOR_NANOS = Duration.ofSeconds(1).toNanos();

    private record Known(long version, long nanos) {}

    private final SetUpVersionMapper mapper;
    private volatile @Nullable Known known;

    SetUpVersion(SetUpVersionMapper mapper) {
        this.mapper = mapper;
    }

    long current() {
        Known now = known;
        if (now == null || System.nanoTime() - now.nanos() > KNOWN_FOR_NANOS) {
            now = new Known(mapper.current(), System.nanoTime());
            known = now;
        }
        return now.version();
    }

    /** To be called in the transaction of the change; who read the old number while it was open reads again once it ends. */
    public void changed() {
        mapper.change();
        known = null;
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                known = null;
            }
        });
    }
}
