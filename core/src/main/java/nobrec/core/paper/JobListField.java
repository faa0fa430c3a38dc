package nobrec.core.paper;

/** What a printed job list can say of each job, besides its number. */
public enum JobListField {
    BARCODE("Barcode"),
    CUSTOMER("Customer"),
    CUSTOMER_PO("PO"),
    STATUS("Status"),
    PROMISE("Promised"),
    SERVICE("Requested service"),
    SHIP_TO("Ship to"),
    PHONE("Phone"),
    BATCH("Batch"),
    PIECES("Pieces"),
    WEIGHT("Weight of all pieces"),
    VALUE("Value of all pieces"),
    REFERENCES("References"),
    HOLD("On hold"),
    NOTES("Notes"),
    OWN_FIELDS("The shop's own fields"),
    LINES("Lines");

    private final String words;

    JobListField(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
