package nobrec.standins.partner;

/** What a partner says of the notices it gets. */
public enum AcknowledgmentMood {
    AT_ONCE("acknowledges in its answer"),
    WHEN_ASKED_AGAIN("acknowledges when a notice comes a second time"),
    REFUSES("says that it cannot use them"),
    NEVER("says nothing of them"),
    NONSENSE("answers with something that is no acknowledgment");

    private final String words;

    AcknowledgmentMood(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }
}
