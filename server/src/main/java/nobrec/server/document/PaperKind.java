package nobrec.server.document;

import java.util.Locale;

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
    INSTRUCTION_LETTER;

    /** Whether it is drawn for label stock. */
    public boolean isLabel() {
        return this == LABEL || this == RETURN_LABEL;
    }

    /** As people call it. */
    public String words() {
        if (this == INSTRUCTION_LETTER) {
            return "Letter of instruction";
        }
        String plain = name().toLowerCase(Locale.ROOT).replace('_', ' ');
        return plain.substring(0, 1).toUpperCase(Locale.ROOT) + plain.substring(1);
    }
}
