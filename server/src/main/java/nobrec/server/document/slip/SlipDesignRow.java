package nobrec.server.document.slip;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A row of table slip_design. */
record SlipDesignRow(
        long id,
        String name,
        int version,
        String definition,
        boolean withdrawn,
        String failure,
        @Nullable Instant failedAt,
        String changedBy,
        Instant changedAt) {}
