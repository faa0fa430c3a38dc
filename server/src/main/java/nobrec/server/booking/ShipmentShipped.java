package nobrec.server.booking;

import java.time.LocalDate;
import java.util.List;
import nobrec.core.charging.FreightTerms;
import nobrec.core.service.Service;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.telling.GoneShipment;
import org.joda.money.Money;

/**
 * A shipment has its tracking numbers. Published in the transaction that stores them.
 *
 * @param job number of the work order it was opened for, on whose invoice the freight stands
 * @param customer of that work order
 * @param otherJobs numbers of the others in it
 * @param recorded numbers of those of which a source has a record, to be told
 * @param gone the shipment itself
 */
public record ShipmentShipped(
        long shipmentId,
        String job,
        String customer,
        List<String> otherJobs,
        List<String> recorded,
        String carrierName,
        String serviceName,
        LocalDate shipDate,
        List<String> trackingNumbers,
        FreightTerms terms,
        Money freightCost,
        Money customerCharge,
        GoneShipment gone) {

    static ShipmentShipped of(GoneShipment gone) {
        Shipment shipment = gone.shipment();
        Jobs jobs = gone.jobs();
        Service service = gone.service();
        WorkOrder job = jobs.leading();
        Shipment.Outcome outcome = shipment.outcome().orElseThrow();
        return new ShipmentShipped(
                shipment.id(),
                job.number(),
                job.customer(),
                jobs.all().stream().skip(1).map(WorkOrder::number).toList(),
                jobs.all().stream()
                        .filter(each -> !each.isTyped())
                        .map(WorkOrder::number)
                        .toList(),
                service.carrier().name(),
                service.name(),
                outcome.shipDate(),
                shipment.packages().stream()
                        .flatMap(each -> each.trackingNumber().stream())
                        .toList(),
                job.terms(),
                outcome.freightCost(),
                outcome.customerCharge(),
                gone);
    }
}
