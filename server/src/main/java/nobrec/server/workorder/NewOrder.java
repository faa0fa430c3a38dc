package nobrec.server.workorder;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A work order on its way into the table. */
record NewOrder(
        WorkOrderRow row,
        @Nullable Long importRunId,
        Instant takenInAt,
        @Nullable String ruledService,
        int rulesVersion) {}
