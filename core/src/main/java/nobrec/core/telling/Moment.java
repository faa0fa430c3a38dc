package nobrec.core.telling;

/** What has become of a shipment, when others are told. */
public enum Moment {
    LABEL_BOUGHT("label bought", "shipped"),
    HANDED_OVER("handed over", "handed over"),
    DELIVERED("delivered", "delivered"),
    EXCEPTION("exception", "exception"),
    VOID("void", "void"),
    RETURNED("came back", "returned");

    private final String words;
    private final String status;

    Moment(String words, String status) {
        this.words = words;
        this.status = status;
    }

    public String words() {
        return words;
    }

    /** What the shipment is from then on, as others are told where they have no word of their own for it. */
    public String status() {
        return status;
    }
}
