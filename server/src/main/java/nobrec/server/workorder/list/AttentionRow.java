package nobrec.server.workorder.list;

import java.time.LocalDate;
import nobrec.core.readiness.AttentionKind;

/** A row of table job_attention. */
public record AttentionRow(long workOrderId, AttentionKind kind, LocalDate promised) {

    static final LocalDate NOT_PROMISED = LocalDate.of(9999, 12, 31);
}
