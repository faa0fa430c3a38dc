package nobrec.core.notation;

/**
 * How figures are written where they come from: which mark stands before the decimals; the other one groups thousands.
 */
public enum DecimalMark {
    /** {@code 1,250.75} */
    POINT,
    /** {@code 1.250,75} */
    COMMA,
    /** Not known: a figure that may be either is refused. */
    UNKNOWN
}
