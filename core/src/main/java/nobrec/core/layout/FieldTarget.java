package nobrec.core.layout;

import nobrec.core.layout.OrderField.Part;

/**
 * A field that a column feeds.
 *
 * @param custom name of a custom field; empty text for ours
 * @param line which of the lines in a row, counted from one; zero for what is said of the whole work order
 */
public record FieldTarget(OrderField field, String custom, int line) {

    /** Of the whole work order, or of the first line in a row. */
    public static FieldTarget of(OrderField field) {
        return new FieldTarget(field, "", field.part() == Part.HEAD ? 0 : 1);
    }

    public static FieldTarget custom(String name) {
        return new FieldTarget(OrderField.CUSTOM, name, 0);
    }

    public FieldTarget ofLine(int number) {
        return new FieldTarget(field, custom, number);
    }

    /** As people call it: {@code Quantity ordered of line 3}, {@code custom field Shelf}. */
    public String label(RowShape shape) {
        String name = field.isCustom() ? field.label() + " “" + custom + "”" : field.label();
        return line > 0 && shape == RowShape.ORDER_A_ROW ? name + ", line " + line : name;
    }
}
