package nobrec.server.shipment;

/** The service a person chose for a shipment not yet shipped; null when none. */
record OpenChoiceRow(long workOrderId, String chosenService) {}
