package nobrec.server.platform.outbox;

/** What an entry of the outbox has done. */
public enum OutboxKind {
    /** A consignment is booked with a carrier. */
    BOOKING("Booking"),
    /** Labels and slip are drawn and kept. */
    PAPERS("Label and slip"),
    /** The write-backs of a shipment are stored as entries of their own. */
    WRITE_BACKS("Postings"),
    /** The freight line on the invoice. */
    INVOICE("Invoice"),
    /** What the record's source is told. */
    SOURCE("Order"),
    /** The cost in the journal. */
    JOURNAL("Journal"),
    /** A carrier is asked for the manifest of a handover. */
    MANIFEST("Manifest"),
    /** A carrier is asked to pick up. */
    PICKUP("Pickup"),
    /** A pickup is called off. */
    PICKUP_CALL_OFF("Pickup, called off"),
    /** A consignment is made void with its carrier. */
    VOID("Void"),
    /** The freight line is taken off the invoice. */
    INVOICE_REVERSAL("Invoice, reversed"),
    /** The record's source is told that it has not left. */
    SOURCE_REVERSAL("Order, reversed"),
    /** The opposite entry in the journal. */
    JOURNAL_REVERSAL("Journal, reversed");

    private final String words;

    OutboxKind(String words) {
        this.words = words;
    }

    /** As it is called on screens. */
    public String words() {
        return words;
    }
}
