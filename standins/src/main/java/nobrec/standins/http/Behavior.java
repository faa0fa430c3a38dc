package nobrec.standins.http;

/** How a stand-in treats its callers. */
public enum Behavior {
    NORMAL("answers at once"),
    SLOW("answers after 1.5 seconds"),
    FAIL("fails with 503 and does nothing"),
    LATE("does the work, answers after the caller gave up (8 seconds)"),
    LOSE_ANSWER("does the work, then breaks the connection without an answer"),
    DELIVERED_LATE("breaks the connection at once; the request arrives 2 seconds later all the same"),
    UNAUTHORIZED("answers 401 to everything and does nothing"),
    TIMED_OUT("answers 408 to everything and does nothing"),
    CONFLICT("answers 409 to everything and does nothing"),
    TOO_EARLY("answers 425 to everything and does nothing"),
    TOO_MANY("answers 429 to everything and does nothing"),
    REDIRECT("answers 302 to everything and does nothing"),
    NO_CONTENT("does nothing, answers 204"),
    NOT_JSON("does nothing, answers 200 with a web page"),
    PROXY_REFUSAL("does nothing, answers 422 with a web page"),
    PROXY_NOT_FOUND("does nothing, answers 404 with a web page"),
    HALF_ANSWER("does the work, sends half of the answer"),
    LATIN_1("does the work, answers in Latin-1 and calls it UTF-8"),
    ERROR_AFTER("does the work, then answers 500"),
    ERROR_INSIDE("does nothing, answers 200 under the right key with an error inside"),
    WRONG_KEY("does the work, answers under the key of another"),
    SAME_NUMBER("does the work, answers with a tracking number that others have"),
    ANY("each time another of these, but for the last one above");

    private final String words;

    Behavior(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
