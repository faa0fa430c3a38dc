package nobrec.server.workorder;

import java.time.LocalDate;
import java.util.Optional;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PlaceKindRule;
import nobrec.core.address.PostalAddress;
import nobrec.core.workorder.WorkOrderStatus;

/**
 * What the departures ask of a work order that has not left: where to, by when, how; nothing of its lines.
 *
 * @param site code of the one it leaves from; empty text for the home site
 */
public record OpenOrder(
        long id,
        String number,
        String customer,
        PostalAddress shipTo,
        Optional<PlaceKind> saidPlaceKind,
        Optional<LocalDate> promiseDate,
        String requestedService,
        WorkOrderStatus status,
        Optional<Long> placeId,
        String site) {

    /** As a person said it, else as the address tells. */
    public PlaceKind placeKind() {
        return saidPlaceKind.orElseGet(() -> PlaceKindRule.kindOf(shipTo));
    }
}
