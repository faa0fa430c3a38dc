package nobrec.server.document;

/** What a printable is. */
public enum PaperKind {
    LABEL("Label"),
    LOGISTICS_LABEL("Logistics label"),
    PACKING_SLIP("Packing slip"),
    BILL_OF_LADING("Bill of lading"),
    MANIFEST("Manifest"),
    RETURN_LABEL("Return label"),
    COMMERCIAL_INVOICE("Commercial invoice"),
    CUSTOMS_DECLARATION("Customs declaration"),
    STATEMENT_OF_ORIGIN("Statement of origin"),
    INSTRUCTION_LETTER("Letter of instruction");

    private final String words;

    PaperKind(String words) {
        this.words = words;
    }

    /** As people call it. */
    public String words() {
        return words;
    }

    /** Whether it is drawn for label stock. */
    public boolean isLabel() {
        return this == LABEL || this == LOGISTICS_LABEL || this == RETURN_LABEL;
    }
}
