package nobrec.server.shipment;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.joda.money.Money;

/** A row of table shipment. */
record ShipmentRow(
        long id,
        long siteId,
        long workOrderId,
        ShipmentState state,
        String chosenService,
        String serviceCode,
        LocalDate shipDate,
        LocalDate deliveryDate,
        Money freightCost,
        Money customerCharge,
        Money margin,
        String startedBy,
        Instant shippedAt) {

    Shipment shipment(List<Shipment.Package> packages) {
        Optional<Shipment.Outcome> outcome = state == ShipmentState.SHIPPED
                ? Optional.of(new Shipment.Outcome(
                        serviceCode, shipDate, deliveryDate, freightCost, customerCharge, margin, shippedAt))
                : Optional.empty();
        return new Shipment(
                id,
                siteId,
                workOrderId,
                state,
                Optional.ofNullable(chosenService),
                Optional.ofNullable(startedBy),
                outcome,
                packages);
    }
}
