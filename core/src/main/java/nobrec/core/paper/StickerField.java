package nobrec.core.paper;

/** What a sticker can say of a job. */
public enum StickerField {
    BARCODE("Barcode of the job"),
    JOB("Job number"),
    CUSTOMER("Customer"),
    CUSTOMER_PO("PO"),
    SHIP_TO("Ship-to address"),
    SENDER("Our address"),
    PROMISE("Promised"),
    SERVICE("Requested service"),
    REFERENCES("References"),
    COUNT("Number of how many");

    private final String words;

    StickerField(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
