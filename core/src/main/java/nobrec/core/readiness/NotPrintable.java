package nobrec.core.readiness;

/**
 * Something that the papers cannot show as it is recorded.
 *
 * @param where what it is in
 * @param of how people call that: {@code the ship-to}, {@code the description of SK-3}, a job's number
 * @param letters those that cannot be printed; empty text for a number that no barcode holds
 */
public record NotPrintable(Where where, String of, String letters) {

    /** What it is in. */
    public enum Where {
        /** On the label: the driver must be able to read it. */
        SHIP_TO,
        /** A reference or a line; a question mark stands for what is missing. */
        TEXT,
        /** A number that no barcode holds; the paper goes without one. */
        BARCODE
    }

    String reason() {
        return switch (where) {
            case SHIP_TO -> "The label cannot print “" + letters + "” in " + of + ".";
            case TEXT -> "The papers show “?” for “" + letters + "” in " + of + ".";
            case BARCODE -> "No barcode holds the number of job " + of + "; its slip goes without one.";
        };
    }

    String remedy() {
        return switch (where) {
            case SHIP_TO -> "Write it in Latin letters here.";
            case TEXT -> "Write it on the slip by hand, or correct the record where it comes from.";
            case BARCODE -> "Type the number instead of scanning it.";
        };
    }
}
