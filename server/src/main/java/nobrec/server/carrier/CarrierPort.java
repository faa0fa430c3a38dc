package nobrec.server.carrier;

import java.util.List;
import nobrec.server.connection.Adapter;
import nobrec.server.connection.Connection;
import nobrec.server.connection.OutsideAnswer;

/**
 * What we need of a carrier's own API. An adapter writes a consignment in the carrier's form and reads the answers; all the
 * rest (keys, time limits, breaker, asking again, looking at the numbers) is done around it. See docs/add-a-carrier.md.
 */
public interface CarrierPort extends Adapter {

    /** Books under a key; the carrier books the same key once. */
    OutsideAnswer<List<TrackingNumbers.Read>> book(Connection connection, String key, Consignment consignment);

    /** What the carrier has under that key. */
    OutsideAnswer<List<TrackingNumbers.Read>> lookUp(Connection connection, String key);

    /**
     * Makes void what the carrier has under a key; what is void already stays so and is answered alike.
     *
     * @param key of this request
     * @param bookingKey under which it was booked
     * @return what the carrier says it did
     */
    OutsideAnswer<String> makeVoid(Connection connection, String key, String bookingKey);

    /**
     * Asks for the manifest of what its driver takes; the same key makes one.
     *
     * @return its number
     */
    OutsideAnswer<String> manifest(Connection connection, String key, ManifestRequest request);

    /**
     * Asks for a pickup; the same key asks once.
     *
     * @return the number by which the carrier confirms it
     */
    OutsideAnswer<String> askForPickup(Connection connection, String key, PickupAsked pickup);

    /** Calls a pickup off by its confirmation; one that is off already is answered alike. */
    OutsideAnswer<String> callPickupOff(Connection connection, String key, String confirmation);

    /** What the carrier would ask for a shipment; changes nothing there. */
    OutsideAnswer<CarrierQuote> quote(Connection connection, String key, QuoteRequest request);
}
