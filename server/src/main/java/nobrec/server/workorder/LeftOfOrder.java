package nobrec.server.workorder;

/** How many pieces of a work order have not left. */
record LeftOfOrder(long id, String number, int pieces) {}
