package nobrec.server.document;

import java.time.Instant;

/** A paper to be kept. */
@SuppressWarnings("ArrayRecordComponent")
record NewPaper(long shipmentId, PaperKind kind, Integer packageNumber, String title, byte[] pdf, Instant madeAt) {}
