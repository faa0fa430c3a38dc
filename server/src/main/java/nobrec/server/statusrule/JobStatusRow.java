package nobrec.server.statusrule;

/** A row of table job_status. */
record JobStatusRow(long workOrderId, String status) {}
