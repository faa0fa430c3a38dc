package nobrec.core.rating;

import java.time.LocalDateTime;
import java.util.Map;

/** What a carrier that prices its services itself has said about a shipment. */
public sealed interface CarrierAnswer {

    /** Nobody has asked it about the shipment as it is now. */
    record NotAsked() implements CarrierAnswer {}

    /** It has been asked and has not answered yet. */
    record Awaited() implements CarrierAnswer {}

    /**
     * @param validUntil in the time of the site it leaves
     * @param centsByService a service that is not in it the carrier does not offer
     */
    record Quoted(String number, LocalDateTime validUntil, Map<String, Long> centsByService) implements CarrierAnswer {
        public Quoted {
            centsByService = Map.copyOf(centsByService);
        }
    }

    /** It was asked and gave no answer that can be used. */
    record Silent(String reason) implements CarrierAnswer {}
}
