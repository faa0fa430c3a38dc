package nobrec.core.layout;

/** What one row of a file holds. */
public enum RowShape {
    /** One line of a work order; rows with the same number are one order. */
    LINE_A_ROW,
    /** A whole work order, its lines in groups of columns that repeat. */
    ORDER_A_ROW
}
