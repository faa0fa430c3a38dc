package nobrec.server.carrier;

import java.time.Instant;
import java.util.List;

/**
 * What a carrier is asked before anything is booked.
 *
 * @param services codes of its services that it is to price
 * @param accessorials what is wanted beyond plain carriage, and the kind of the place
 * @param askedAt by our clock, from which it counts how long its answer is valid
 * @param consignment without a service
 */
public record QuoteRequest(
        List<String> services, List<String> accessorials, Instant askedAt, Consignment consignment) {}
