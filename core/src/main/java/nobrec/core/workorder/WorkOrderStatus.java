package nobrec.core.workorder;

/** Where a work order stands. */
public enum WorkOrderStatus {
    /** Nothing was begun. */
    READY,
    /** A shipment of it is on the bench. */
    ON_BENCH,
    /** Everything of it has left. */
    SHIPPED
}
