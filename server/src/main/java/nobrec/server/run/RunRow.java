package nobrec.server.run;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A row of table run. */
record RunRow(
        long id,
        String madeBy,
        Instant madeAt,
        @Nullable String startedBy,
        @Nullable Instant startedAt,
        @Nullable Long taskId) {}
