package nobrec.server.shipment;

import java.time.LocalDate;
import java.util.List;
import nobrec.core.charging.FreightTerms;
import nobrec.core.rating.Service;
import nobrec.server.workorder.WorkOrder;
import org.joda.money.Money;

/** A shipment has its tracking numbers. Published in the transaction that stores them. */
public record ShipmentShipped(
        long shipmentId,
        String job,
        String carrierName,
        String serviceName,
        LocalDate shipDate,
        List<String> trackingNumbers,
        FreightTerms terms,
        Money freightCost,
        Money customerCharge) {

    static ShipmentShipped of(Shipment shipment, WorkOrder job, Service service) {
        Shipment.Outcome outcome = shipment.outcome().orElseThrow();
        return new ShipmentShipped(
                shipment.id(),
                job.number(),
                service.carrier().name(),
                service.name(),
                outcome.shipDate(),
                shipment.packages().stream()
                        .flatMap(each -> each.trackingNumber().stream())
                        .toList(),
                job.terms(),
                outcome.freightCost(),
                outcome.customerCharge());
    }
}
