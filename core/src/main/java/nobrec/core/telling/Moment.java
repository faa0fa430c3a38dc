package nobrec.core.telling;

/** What has become of a shipment, of the invoice of a job, of what its customer asked, or of what is to come back. */
public enum Moment {
    LABEL_BOUGHT("label bought", "shipped"),
    HANDED_OVER("handed over", "handed over"),
    DELIVERED("delivered", "delivered"),
    EXCEPTION("exception", "exception"),
    VOID("void", "void"),
    RETURNED("came back", "returned"),
    /** The books have an invoice of the job. */
    INVOICED("invoiced", "invoiced"),
    /** It is paid, or released before it is. */
    INVOICE_PAID("invoice paid", "paid"),
    /** What freight costs was said to the customer. */
    QUOTED("quoted", "quoted"),
    /** What should be coming back was asked about. */
    RETURN_REMINDER("return reminder", "return awaited");

    private final String words;
    private final String status;

    Moment(String words, String status) {
        this.words = words;
        this.status = status;
    }

    /** Whether it is one of a shipment; else of a job. */
    public boolean isOfShipment() {
        return this != INVOICED && this != INVOICE_PAID && this != QUOTED && this != RETURN_REMINDER;
    }

    /** Whether mail is written at it. */
    public boolean isMailed() {
        return isOfShipment() || this == QUOTED || this == RETURN_REMINDER;
    }

    public String words() {
        return words;
    }

    /** What the shipment is from then on, as others are told where they have no word of their own for it. */
    public String status() {
        return status;
    }
}
