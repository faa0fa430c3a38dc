package nobrec.server.carrier;

import java.math.BigDecimal;

/**
 * What a carrier is asked to pick up, kept as JSON in the outbox. Day and times as ISO 8601 writes them, in the site's own time.
 *
 * @param stands where it stands
 */
public record PickupAsked(
        String day,
        String readyAt,
        String closesAt,
        String stands,
        int packages,
        BigDecimal weightGrams,
        Consignment.Party from) {}
