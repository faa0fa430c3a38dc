package nobrec.server.document;

import java.time.Instant;

/**
 * A kept paper, without its bytes.
 *
 * @param packageNumber zero for one of the whole subject
 */
public record PaperRow(long id, PaperKind kind, int packageNumber, String title, Instant madeAt) {}
