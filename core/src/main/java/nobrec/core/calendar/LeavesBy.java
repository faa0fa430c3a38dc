package nobrec.core.calendar;

/** How packages reach their carrier. */
public enum LeavesBy {
    /** Its driver comes for them. */
    PICKUP("pickup"),
    /** We bring them to its counter. */
    DROP_OFF("drop-off");

    private final String words;

    LeavesBy(String words) {
        this.words = words;
    }

    /** As it is called on screens and papers. */
    public String words() {
        return words;
    }
}
