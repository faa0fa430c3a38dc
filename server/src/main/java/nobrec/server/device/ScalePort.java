package nobrec.server.device;

import nobrec.server.connection.Adapter;
import nobrec.server.connection.Connection;

/** What we need of a scale. */
public interface ScalePort extends Adapter {

    /** A weight at rest, or why there is none, within the connection's time limit. */
    ScaleReading read(Connection connection);
}
