package nobrec.server.source;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A row of table record_source. */
record RecordSourceRow(
        String code,
        String name,
        String adapter,
        int version,
        @Nullable String layout,
        String defaults,
        int everyMinutes,
        @Nullable Instant nextAt,
        @Nullable Instant knownUntil,
        @Nullable String about,
        @Nullable Long taskId,
        @Nullable Instant lastAt,
        String lastSaid,
        boolean lastFailed,
        int failures,
        @Nullable String query) {}
