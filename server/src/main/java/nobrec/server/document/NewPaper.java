package nobrec.server.document;

import java.time.Instant;

/**
 * A paper that is drawn and to be kept.
 *
 * @param packageNumber zero for one of the whole shipment
 */
@SuppressWarnings("ArrayRecordComponent")
public record NewPaper(long shipmentId, PaperKind kind, int packageNumber, String title, byte[] pdf, Instant madeAt) {}
