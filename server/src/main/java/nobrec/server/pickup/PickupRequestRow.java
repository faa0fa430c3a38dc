package nobrec.server.pickup;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import nobrec.core.measure.Weight;

/**
 * A row of table pickup_request.
 *
 * @param stands where what is to be picked up stands
 * @param confirmation number that the carrier gave; empty text while it has given none
 * @param said why the carrier refused; empty text where it did not
 */
public record PickupRequestRow(
        long id,
        long siteId,
        String carrierCode,
        LocalDate day,
        LocalTime readyAt,
        LocalTime closesAt,
        String stands,
        int packages,
        Weight weight,
        PickupState state,
        String confirmation,
        String said,
        String askedBy,
        Instant askedAt) {}
