package nobrec.server.posting;

import nobrec.server.connection.Adapter;
import nobrec.server.connection.Connection;
import nobrec.server.connection.OutsideAnswer;

/** What we need of the accounting system. The text of an answer is what it says it did. */
public interface BooksPort extends Adapter {

    /** Adds the freight to the invoice of a job; the same key adds it once. */
    OutsideAnswer<String> addFreight(Connection connection, String key, String job, FreightLine line);

    /** Adds an entry to the journal; the same key adds it once. */
    OutsideAnswer<String> addEntry(Connection connection, String key, FreightEntry entry);
}
