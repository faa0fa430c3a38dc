package nobrec.server.workorder;

/** A work order that was not there before, as the database has taken it. */
record NewOrderId(long id, String number) {}
