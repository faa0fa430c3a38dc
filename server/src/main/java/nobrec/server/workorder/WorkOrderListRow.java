package nobrec.server.workorder;

import java.time.LocalDate;
import nobrec.core.measure.Weight;
import nobrec.core.workorder.WorkOrderStatus;
import org.jspecify.annotations.Nullable;

/** A row of the job list, with the sum of its lines; the weight is null when one is missing. */
record WorkOrderListRow(
        long id,
        String number,
        String customer,
        String name,
        String city,
        String state,
        @Nullable LocalDate promiseDate,
        String requestedService,
        WorkOrderStatus status,
        int pieces,
        int lines,
        @Nullable Weight weight) {}
