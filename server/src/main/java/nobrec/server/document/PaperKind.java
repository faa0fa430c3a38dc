package nobrec.server.document;

/** What a printable is. */
public enum PaperKind {
    LABEL,
    PACKING_SLIP,
    MANIFEST,
    RETURN_LABEL
}
