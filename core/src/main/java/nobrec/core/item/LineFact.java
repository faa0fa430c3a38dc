package nobrec.core.item;

/** What a line can take from its item where the record says nothing of it. */
public enum LineFact {
    DESCRIPTION("description"),
    WEIGHT("weight"),
    SIZE("size"),
    HANDLING("handling"),
    VALUE("value"),
    HS_CODE("HS code"),
    ORIGIN("country of origin"),
    GOODS("class of goods"),
    FREIGHT_CLASS("freight class"),
    CUSTOMS_DESCRIPTION("description for customs");

    private final String words;

    LineFact(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
