package nobrec.server.device;

import nobrec.server.connection.Adapter;
import nobrec.server.connection.Connection;

/** What we need of a measuring frame. */
public interface FramePort extends Adapter {

    /** Three sides, or why there are none, within the connection's time limit. */
    FrameReading read(Connection connection);
}
