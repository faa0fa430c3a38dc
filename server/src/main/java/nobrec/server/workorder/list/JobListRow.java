package nobrec.server.workorder.list;

import java.time.Instant;
import java.time.LocalDate;
import nobrec.core.charging.FreightTerms;
import nobrec.core.measure.Weight;
import nobrec.core.workorder.WorkOrderStatus;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/**
 * A row of the job list.
 *
 * @param goingThereToo other jobs that have not left and go to the same place
 * @param sortedBy what the list is sorted by, as the cursor keeps it
 */
record JobListRow(
        long id,
        String number,
        String customer,
        String name,
        String city,
        String state,
        String country,
        @Nullable LocalDate promiseDate,
        String service,
        FreightTerms terms,
        WorkOrderStatus status,
        boolean held,
        int lines,
        int pieces,
        @Nullable Weight weight,
        @Nullable Money value,
        String source,
        String batch,
        String site,
        Instant takenInAt,
        @Nullable LocalDate shippedOn,
        int goingThereToo,
        String sortedBy) {}
