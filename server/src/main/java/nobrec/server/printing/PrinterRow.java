package nobrec.server.printing;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A row of table printer. */
record PrinterRow(
        String code,
        PrinterState state,
        String said,
        String formats,
        int resolution,
        String trays,
        @Nullable Instant lookedAt,
        int failures) {}
