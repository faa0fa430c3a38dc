package nobrec.server.orderfile;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A row of table import_run.
 *
 * @param reading how it is read, as JSON; null for those that came in before files were kept
 */
record ImportRunRow(
        long id,
        String fileName,
        String layoutName,
        Instant at,
        String signIn,
        int taken,
        int recognized,
        int leftOut,
        int faults,
        @Nullable Instant settledAt,
        @Nullable Long taskId,
        ImportState state,
        @Nullable String reading,
        int rowCount) {}
