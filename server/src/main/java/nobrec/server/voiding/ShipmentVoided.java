package nobrec.server.voiding;

import java.time.LocalDate;
import java.util.List;

/**
 * A shipment is void and open again. Published in the transaction that stores that.
 *
 * @param job number of the work order it was opened for
 * @param day on which it was made void, at its site
 * @param trackingNumbers that are void
 */
public record ShipmentVoided(long shipmentId, String job, LocalDate day, List<String> trackingNumbers) {}
