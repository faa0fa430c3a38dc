package nobrec.core.readiness;

/** Why a job cannot go, or needs somebody to look at it first. */
public enum AttentionKind {
    ADDRESS("address"),
    COMPANY("company"),
    PHONE("phone"),
    WORD("unknown word"),
    WEIGHT("no weight"),
    CUSTOMS("customs data"),
    HOLD("on hold"),
    SHORT("short"),
    PAYMENT("not paid"),
    /** The carrier refused it, or has not answered. */
    LABEL("no label"),
    /** Its record says something else there than here. */
    SOURCE("changed at the source");

    private final String words;

    AttentionKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether the job itself says it; else what happened to it does. */
    public boolean isOfRecord() {
        return this != LABEL && this != SOURCE;
    }
}
