package nobrec.server.shipment;

import java.time.Instant;

/** Who scanned a piece into a package of a shipment, and when. */
public record ScanRow(long shipmentId, String scannedBy, Instant scannedAt) {}
