package nobrec.server.document;

import java.time.Instant;
import nobrec.server.platform.outbox.Subject;

/**
 * A paper that is drawn and to be kept.
 *
 * @param packageNumber zero for one of the whole subject
 */
@SuppressWarnings("ArrayRecordComponent")
public record NewPaper(Subject subject, PaperKind kind, int packageNumber, String title, byte[] pdf, Instant madeAt) {}
