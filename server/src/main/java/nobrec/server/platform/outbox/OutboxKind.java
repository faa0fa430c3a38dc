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
    JOURNAL("Journal");

    private final String words;

    OutboxKind(String words) {
        this.words = words;
    }

    /** As it is called on screens. */
    public String words() {
        return words;
    }
}
