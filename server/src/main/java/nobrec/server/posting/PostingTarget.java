package nobrec.server.posting;

/** Where something is written back to. */
public enum PostingTarget {
    INVOICE("Books"),
    SOURCE("Order desk"),
    JOURNAL("Books");

    private final String system;

    PostingTarget(String system) {
        this.system = system;
    }

    /** The name of the system outside. */
    String system() {
        return system;
    }
}
