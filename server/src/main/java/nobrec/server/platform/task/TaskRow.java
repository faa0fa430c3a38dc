package nobrec.server.platform.task;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A row of table background_task. */
record TaskRow(
        long id,
        String kind,
        String lane,
        String subject,
        String request,
        TaskState state,
        String phase,
        long done,
        long total,
        String progress,
        String problem,
        String startedBy,
        Instant madeAt,
        @Nullable Instant endedAt,
        boolean stopRequested) {}
