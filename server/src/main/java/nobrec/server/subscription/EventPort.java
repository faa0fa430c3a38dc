package nobrec.server.subscription;

import nobrec.server.connection.Adapter;
import nobrec.server.connection.Connection;
import nobrec.server.connection.OutsideAnswer;

/** How a subscriber gets events. */
public interface EventPort extends Adapter {

    /** The one that calls, and the one that waits until somebody comes. */
    String CALLED = "webhook";

    String FETCHED = "event-feed";

    /** Brings an event; the same key says that it is the same one again. */
    OutsideAnswer<String> deliver(Connection connection, String key, String body);
}
