package nobrec.server.document;

import java.time.Instant;

/** A kept paper, without its bytes. */
public record PaperRow(long id, PaperKind kind, String title, Instant madeAt) {}
