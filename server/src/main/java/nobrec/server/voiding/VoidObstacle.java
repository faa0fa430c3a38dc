package nobrec.server.voiding;

import java.util.Optional;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Shipment;

/** What may keep a shipment from being voided. */
public interface VoidObstacle {

    /** @param shipment whose row is locked; with the one package only, where one is voided alone */
    Optional<Refusal> obstacle(Shipment shipment, String job);
}
