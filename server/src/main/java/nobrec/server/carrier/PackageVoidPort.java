package nobrec.server.carrier;

import nobrec.server.connection.Connection;
import nobrec.server.connection.OutsideAnswer;

/** What an adapter can do besides, where its carrier makes one package of a consignment void. */
public interface PackageVoidPort {

    /**
     * Makes one package void; one that is void already is answered alike.
     *
     * @param key of this request
     * @param bookingKey under which the consignment was booked
     * @param packageNumber as it was booked
     */
    OutsideAnswer<String> makeVoid(Connection connection, String key, String bookingKey, int packageNumber);
}
