package nobrec.server.source;

import nobrec.server.connection.Adapter;
import nobrec.server.connection.ReadFault;

/** Systems that records are read from. */
public interface RecordPort extends Adapter {

    /** As people call such systems. */
    String label();

    /** Whether it is read by a SELECT of the shop's. */
    default boolean needsQuery() {
        return false;
    }

    About about(RecordAccess access) throws ReadFault;

    /** The first rows of what is read by a SELECT. */
    default SampleRows sample(RecordAccess access, int limit) throws ReadFault {
        throw ReadFault.lasting("It is read by no SELECT.", "Test it as it is.");
    }

    /** @param cursor what the page before gave; empty text for the first one */
    RecordPage page(RecordAccess access, RecordWindow window, String cursor) throws ReadFault;
}
