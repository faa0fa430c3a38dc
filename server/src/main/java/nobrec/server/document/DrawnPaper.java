package nobrec.server.document;

/**
 * A paper that is drawn, of whatever shipment.
 *
 * @param packageNumber zero for one of the whole shipment
 */
@SuppressWarnings("ArrayRecordComponent")
record DrawnPaper(PaperKind kind, int packageNumber, String title, byte[] pdf) {}
