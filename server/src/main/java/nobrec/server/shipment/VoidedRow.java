package nobrec.server.shipment;

import java.time.Instant;
import java.time.LocalDate;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/**
 * What a shipment was until it, or a package of it, was made void, with the numbers that are void in one text.
 *
 * @param packageNumber the one package that is void; null where all are
 */
public record VoidedRow(
        long id,
        long shipmentId,
        @Nullable Integer packageNumber,
        String serviceCode,
        LocalDate shipDate,
        Money freightCost,
        Money customerCharge,
        String shippedBy,
        Instant shippedAt,
        String voidedBy,
        Instant voidedAt,
        String trackingNumbers) {}
