package nobrec.server.source;

import java.time.Instant;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A row of table source_record. */
record KeptRecordRow(
        long id,
        String source,
        String number,
        String status,
        String cancelled,
        Instant changedAt,
        String document,
        @Nullable String takenDocument,
        RecordState state,
        String problem,
        String remark,
        String customer,
        @Nullable LocalDate promiseDate,
        @Nullable Long workOrderId) {}
