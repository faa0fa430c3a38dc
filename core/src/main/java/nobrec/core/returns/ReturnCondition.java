package nobrec.core.returns;

/** In which state pieces came back. */
public enum ReturnCondition {
    GOOD("as new"),
    USED("used"),
    DAMAGED("damaged"),
    INCOMPLETE("parts missing"),
    OTHER_ITEM("something else");

    private final String words;

    ReturnCondition(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
