package nobrec.server.shipment;

import java.time.LocalDate;
import org.joda.money.Money;

/**
 * A shipment that has left, in outline.
 *
 * @param cartons codes of its carton types
 */
public record SentRow(
        long workOrderId,
        String serviceCode,
        LocalDate shipDate,
        Money freightCost,
        Money customerCharge,
        String cartons) {}
