package nobrec.server.shipment;

import java.time.Instant;
import java.time.LocalDate;
import nobrec.core.measure.Weight;
import org.jspecify.annotations.Nullable;

/**
 * A package with a label that counts.
 *
 * @param handoverId the handover it is in; null for none, zero for one before handovers were kept
 */
public record LabeledRow(
        long packageId,
        int number,
        String trackingNumber,
        Weight weight,
        @Nullable Long handoverId,
        @Nullable String scannedBy,
        @Nullable Instant scannedAt,
        long shipmentId,
        long workOrderId,
        long siteId,
        String serviceCode,
        LocalDate shipDate) {}
