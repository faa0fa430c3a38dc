package nobrec.server.workorder;

import java.time.LocalDate;
import nobrec.core.charging.FreightTerms;
import nobrec.core.workorder.WorkOrderStatus;
import org.jspecify.annotations.Nullable;

/** A job that goes or went to a place, in outline. */
public record PastJob(
        long id,
        String number,
        String customer,
        WorkOrderStatus status,
        FreightTerms terms,
        String account,
        String phone,
        @Nullable LocalDate promised,
        @Nullable LocalDate shipped) {}
