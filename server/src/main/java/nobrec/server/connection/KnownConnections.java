package nobrec.server.connection;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.outbox.LongestCalls;
import org.springframework.stereotype.Component;

/** The rows of connections, remembered until one of them changes. */
@Component
class KnownConnections implements LongestCalls {

    private final Remembered<List<ConnectionRow>> rows;

    KnownConnections(ConnectionMapper mapper, SetUpVersion version) {
        this.rows = new Remembered<>(version, mapper::all);
    }

    List<ConnectionRow> all() {
        return rows.get();
    }

    Optional<ConnectionRow> find(String code) {
        return all().stream().filter(row -> row.code().equals(code)).findFirst();
    }

    @Override
    public Duration to(String target) {
        return find(target).map(row -> Duration.ofMillis(row.timeLimitMillis())).orElse(Duration.ZERO);
    }
}
