package nobrec.server.posting;

import java.util.List;
import java.util.Map;
import nobrec.core.workorder.InvoiceState;
import nobrec.server.connection.Adapter;
import nobrec.server.connection.Connection;
import nobrec.server.connection.OutsideAnswer;

/** What we need of the accounting system. The text of an answer is what it says it did. */
public interface BooksPort extends Adapter {

    /** Adds the freight to the invoice of a job; the same key adds it once. */
    OutsideAnswer<String> addFreight(Connection connection, String key, String job, FreightLine line);

    /**
     * Takes the freight off the invoice of a job; one that is off already stays so and is answered alike.
     *
     * @param lineKey the key under which it was added
     */
    OutsideAnswer<String> removeFreight(Connection connection, String key, String job, String lineKey);

    /** The word for a refusal because the invoice is closed. */
    String CLOSED = "CLOSED";

    /**
     * Adds freight to the customer's next invoice, where that of the job is closed; the same key adds it once.
     *
     * @param line with an amount that may be below zero
     */
    OutsideAnswer<String> addToNextInvoice(Connection connection, String key, String job, FreightLine line);

    /**
     * Credits freight that stands on a closed invoice, in full; the same key credits it once.
     *
     * @param lineKey the key under which it was added
     */
    OutsideAnswer<String> credit(Connection connection, String key, String job, String lineKey);

    /** Adds an entry to the journal; the same key adds it once. */
    OutsideAnswer<String> addEntry(Connection connection, String key, FreightEntry entry);

    /**
     * What the books say of the invoices of jobs; changes nothing there.
     *
     * @return by job; one of which they know nothing is not in it
     */
    OutsideAnswer<Map<String, InvoiceState>> invoices(Connection connection, String key, List<String> jobs);
}
