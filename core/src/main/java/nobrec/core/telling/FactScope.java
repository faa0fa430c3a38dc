package nobrec.core.telling;

/** Of what a fact is one. */
public enum FactScope {
    SHIPMENT,
    PACKAGE,
    LINE;

    /** Whether a template for one of these may ask for a fact of the other: what is said of the shipment counts for its packages and lines. */
    boolean sees(FactScope other) {
        return other == this || other == SHIPMENT;
    }
}
