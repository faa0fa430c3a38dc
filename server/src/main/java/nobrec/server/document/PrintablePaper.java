package nobrec.server.document;

/** A kept paper, as whoever prints it needs it. */
public record PrintablePaper(long id, PaperKind kind, String title) {}
