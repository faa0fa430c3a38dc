package nobrec.server.shipment;

import java.util.Optional;

/**
 * What a person chose for a shipment that is still on the bench.
 *
 * @param service code of the service; empty where nobody chose one
 * @param siteId the site it leaves from
 */
public record OpenChoice(Optional<String> service, long siteId) {}
