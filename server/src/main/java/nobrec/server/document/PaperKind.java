package nobrec.server.document;

/** What a printable is. */
public enum PaperKind {
    LABEL,
    PACKING_SLIP,
    BILL_OF_LADING,
    MANIFEST,
    RETURN_LABEL,
    COMMERCIAL_INVOICE,
    CUSTOMS_DECLARATION,
    STATEMENT_OF_ORIGIN,
    INSTRUCTION_LETTER
}
