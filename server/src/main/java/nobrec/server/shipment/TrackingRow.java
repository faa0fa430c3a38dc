package nobrec.server.shipment;

/** The tracking numbers of a shipment, in one text. */
record TrackingRow(long shipmentId, String trackingNumbers) {}
