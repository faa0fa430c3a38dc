package nobrec.core.workorder;

/** Where a work order stands. */
public enum WorkOrderStatus {
    /** What freight would cost was asked; nothing is promised to go. */
    REQUEST("request"),
    /** Nothing was begun. */
    READY("ready"),
    /** A shipment of it is on the bench. */
    ON_BENCH("on the bench"),
    /** Everything of it has left. */
    SHIPPED("shipped");

    private final String words;

    WorkOrderStatus(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
