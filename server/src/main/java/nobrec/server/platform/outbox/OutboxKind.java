package nobrec.server.platform.outbox;

import java.util.Set;

/** What an entry of the outbox has done. */
public enum OutboxKind {
    /** A consignment is booked with a carrier. */
    BOOKING("Booking", true),
    /** Labels and slip are drawn and kept. */
    PAPERS("Label and slip"),
    /** The write-backs of a shipment are stored as entries of their own. */
    WRITE_BACKS("Postings"),
    /** The freight line on the invoice. */
    INVOICE("Invoice"),
    /** What a system that has a record of the job is told. */
    SOURCE("Order"),
    /** The cost in the journal. */
    JOURNAL("Journal"),
    /** A carrier is asked for the manifest of a handover. */
    MANIFEST("Manifest", true),
    /** The shipments of a handover have been handed over. */
    HANDED_OVER("Handed over"),
    /** A carrier is asked to pick up. */
    PICKUP("Pickup", true),
    /** A pickup is called off. */
    PICKUP_CALL_OFF("Pickup, called off", true),
    /** A label for the way back is asked for. */
    RETURN_LABEL("Return label", true),
    /** A label for the way back is made void. */
    RETURN_VOID("Return label, void", true),
    /** An amount is paid into an account with a carrier. */
    ACCOUNT_PAYMENT("Payment to carrier", true),
    /** A partner is told what is in which package. */
    SHIP_NOTICE("Ship notice"),
    /** A partner is told that it has not left. */
    SHIP_NOTICE_REVERSAL("Ship notice, canceled"),
    /** A subscriber is called with an event. */
    EVENT("Event"),
    /** A customer, or a colleague, is written to. */
    MAIL("Email"),
    /** A consignment is made void with its carrier. */
    VOID("Void", true),
    /** The freight line is taken off the invoice. */
    INVOICE_REVERSAL("Invoice, reversed"),
    /** It is told what stands now that a shipment is void. */
    SOURCE_REVERSAL("Order, reversed"),
    /** The opposite entry in the journal. */
    JOURNAL_REVERSAL("Journal, reversed");

    /** What stands there is what was written last. */
    static final Set<OutboxKind> IN_ORDER = Set.of(SOURCE, SOURCE_REVERSAL, EVENT);

    private final String words;
    private final boolean refusedForGood;

    OutboxKind(String words) {
        this(words, false);
    }

    OutboxKind(String words, boolean refusedForGood) {
        this.words = words;
        this.refusedForGood = refusedForGood;
    }

    /** Whether a refusal ends it: what it was for is as before, and can be asked for by another entry. */
    public boolean isRefusedForGood() {
        return refusedForGood;
    }

    /** Whether those to one target and of one job are carried out in the order in which they were made. */
    public boolean isInOrder() {
        return IN_ORDER.contains(this);
    }

    /** As it is called on screens. */
    public String words() {
        return words;
    }
}
