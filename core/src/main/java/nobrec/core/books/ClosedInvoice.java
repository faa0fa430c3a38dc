package nobrec.core.books;

/** What becomes of freight that is taken off an invoice which is closed. */
public enum ClosedInvoice {
    CREDIT("a credit note to the closed invoice"),
    NEXT_INVOICE("a line below zero on the customer’s next invoice");

    private final String words;

    ClosedInvoice(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
