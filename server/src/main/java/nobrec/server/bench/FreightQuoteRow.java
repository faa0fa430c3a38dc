package nobrec.server.bench;

import java.time.Instant;
import java.time.LocalDate;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/**
 * A row of table freight_quote.
 *
 * @param packages what was priced, in words
 * @param takenInto id of the job whose invoice it went into
 */
record FreightQuoteRow(
        long id,
        long workOrderId,
        String serviceCode,
        String serviceName,
        String packages,
        Money freightCost,
        Money customerCharge,
        LocalDate validUntil,
        String madeBy,
        Instant madeAt,
        @Nullable Long takenInto,
        boolean held,
        @Nullable String takenBy,
        @Nullable Instant takenAt) {}
