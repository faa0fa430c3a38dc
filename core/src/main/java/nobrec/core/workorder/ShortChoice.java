package nobrec.core.workorder;

/** What is done with a job of which fewer pieces are ready than were ordered. */
public enum ShortChoice {
    /** What is ready goes; the rest stays, and keeps its place by the promise. */
    SHIP_READY("ship what is ready and keep the rest"),
    /** Nothing goes until all is ready. */
    WAIT("wait until all is ready");

    private final String words;

    ShortChoice(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
