package nobrec.server.workorder;

import nobrec.core.workorder.WorkOrderStatus;

/** How many pieces of a work order have not left. */
record LeftOfOrder(long id, String number, int pieces) {

    WorkOrderStatus status() {
        return pieces == 0 ? WorkOrderStatus.SHIPPED : WorkOrderStatus.READY;
    }
}
