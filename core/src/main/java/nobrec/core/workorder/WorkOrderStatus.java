package nobrec.core.workorder;

/** Where a work order stands. */
public enum WorkOrderStatus {
    /** What freight would cost was asked; nothing is promised to go. */
    REQUEST,
    /** Nothing was begun. */
    READY,
    /** A shipment of it is on the bench. */
    ON_BENCH,
    /** Everything of it has left. */
    SHIPPED
}
