package nobrec.server.platform;

import java.time.Duration;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Each change of what is set up, on whichever server, gives it another number: what is remembered counts for one number. */
@Component
public class SetUpVersion {

    /** Another server's change is seen after this. */
    private static final long KNOWN_FOR_NANOS = Duration.ofSeconds(1).toNanos();

    private record Known(long version, long nanos) {}

    private final JdbcClient database;
    private volatile Known known;

    SetUpVersion(JdbcClient database) {
        this.database = database;
    }

    long current() {
        Known now = known;
        if (now == null || System.nanoTime() - now.nanos() > KNOWN_FOR_NANOS) {
            long version = database.sql("SELECT version FROM set_up_version WHERE id = 1")
                    .query(Long.class)
                    .single();
            now = new Known(version, System.nanoTime());
            known = now;
        }
        return now.version();
    }

    /** To be called in the transaction of the change. */
    public void changed() {
        database.sql("UPDATE set_up_version SET version = UUID_SHORT() WHERE id = 1")
                .update();
        known = null;
    }
}
