package nobrec.server.printing;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A row of table print_job. */
record PrintJobRow(
        long id,
        String jobKey,
        String printerCode,
        @Nullable Long paperId,
        String title,
        boolean label,
        int copies,
        String tray,
        String desk,
        PrintState state,
        boolean tried,
        @Nullable Integer printerJob,
        String said,
        String askedBy,
        Instant askedAt,
        @Nullable Instant doneAt) {

    private static final int SHORT_KEY = 8;

    /** By which the printer calls it, and by which it is found there again. */
    String nameThere() {
        return "Nobrec " + id + " " + jobKey.substring(0, SHORT_KEY);
    }
}
