package nobrec.server.posting;

import nobrec.server.connection.Adapter;
import nobrec.server.connection.Connection;
import nobrec.server.connection.OutsideAnswer;

/** What we need of the system that records came from. The text of an answer is what it says it did. */
public interface RecordSystemPort extends Adapter {

    /** Says what became of an order; the same key says it once. */
    OutsideAnswer<String> report(Connection connection, String key, String order, ShippingReport report);
}
