package nobrec.server.moment;

import java.time.Instant;
import java.util.Optional;
import nobrec.core.telling.Moment;
import nobrec.server.telling.GoneShipment;

/**
 * Something became of a shipment. Published in the transaction that stores it.
 *
 * @param detail in words, where there is more to say; else empty text
 * @param gone the shipment; empty once it is void
 */
public record MomentReached(long shipmentId, Moment moment, Instant at, String detail, Optional<GoneShipment> gone) {}
