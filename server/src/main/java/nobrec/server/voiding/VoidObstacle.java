package nobrec.server.voiding;

import java.util.Optional;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Shipment;

/** What may keep a shipment from being voided. */
public interface VoidObstacle {

    /** @param shipment whose row is locked */
    Optional<Refusal> obstacle(Shipment shipment, String job);
}
