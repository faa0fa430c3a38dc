package nobrec.server.shipment;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.service.Accessorial;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/** A row of table shipment. */
record ShipmentRow(
        long id,
        long siteId,
        long workOrderId,
        ShipmentState state,
        @Nullable String chosenService,
        String accessorials,
        @Nullable LocalDate shipOn,
        String serviceCode,
        LocalDate shipDate,
        LocalDate deliveryDate,
        Money freightCost,
        Money customerCharge,
        Money margin,
        @Nullable String startedBy,
        Instant shippedAt) {

    Shipment shipment(List<Shipment.Line> lines, List<Shipment.Package> packages) {
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
                Arrays.stream(accessorials.split(","))
                        .filter(word -> !word.isEmpty())
                        .map(Accessorial::valueOf)
                        .collect(Collectors.toSet()),
                Optional.ofNullable(shipOn),
                Optional.ofNullable(startedBy),
                outcome,
                lines,
                packages);
    }
}
