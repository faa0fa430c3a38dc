package nobrec.server.source;

import nobrec.server.connection.Adapter;
import nobrec.server.connection.Connection;
import nobrec.server.connection.ReadFault;

/** Systems that records are read from. */
public interface RecordPort extends Adapter {

    /** As people call such systems. */
    String label();

    About about(Connection connection) throws ReadFault;

    /** @param cursor what the page before gave; empty text for the first one */
    RecordPage page(Connection connection, RecordWindow window, String cursor) throws ReadFault;
}
