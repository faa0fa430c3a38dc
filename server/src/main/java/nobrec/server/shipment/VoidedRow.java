package nobrec.server.shipment;

import java.time.Instant;
import java.time.LocalDate;
import org.joda.money.Money;

/** What a shipment was until it was made void, with its tracking numbers in one text. */
public record VoidedRow(
        long id,
        String serviceCode,
        LocalDate shipDate,
        Money freightCost,
        Money customerCharge,
        String shippedBy,
        Instant shippedAt,
        String voidedBy,
        Instant voidedAt,
        String trackingNumbers) {}
