package nobrec.core.workorder;

/** What is known of the invoice of a job. */
public enum InvoiceState {
    /** Nobody has said anything. */
    UNKNOWN("nothing is known of it"),
    OPEN("not paid yet"),
    PAID("paid"),
    /** Whoever looks after the books lets the job go before it is paid. */
    RELEASED("released before it is paid");

    private final String words;

    InvoiceState(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether a job that must be paid first may go. */
    public boolean letsGo() {
        return this == PAID || this == RELEASED;
    }
}
