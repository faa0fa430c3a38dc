package nobrec.server.shipment;

/** A row of table package_content. */
record ContentRow(long packageId, long workOrderLineId, int quantity, String lots) {}
