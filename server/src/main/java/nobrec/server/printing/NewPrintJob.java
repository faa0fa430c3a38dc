package nobrec.server.printing;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A row of table print_job, to be. */
record NewPrintJob(
        String jobKey,
        String printerCode,
        @Nullable Long paperId,
        String title,
        boolean label,
        int copies,
        String tray,
        String desk,
        String askedBy,
        Instant askedAt) {}
