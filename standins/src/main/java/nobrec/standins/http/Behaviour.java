package nobrec.standins.http;

/** How a stand-in treats its callers. */
public enum Behaviour {
    NORMAL("answers at once"),
    SLOW("answers after 1.5 seconds"),
    FAIL("fails with 503 and does nothing"),
    LATE("does the work, answers after the caller gave up (8 seconds)"),
    LOSE_ANSWER("does the work, then breaks the connection without an answer");

    private final String words;

    Behaviour(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
