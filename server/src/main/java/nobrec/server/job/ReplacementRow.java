package nobrec.server.job;

import java.time.Instant;
import nobrec.core.returns.ReturnReason;

/**
 * A row of table replacement.
 *
 * @param job number of the job that replaces
 * @param replaces number of the job of which it replaces pieces
 */
record ReplacementRow(
        long workOrderId,
        String job,
        long replacesId,
        String replaces,
        ReturnReason reason,
        String madeBy,
        Instant madeAt) {}
