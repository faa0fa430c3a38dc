package nobrec.server.document.page;

import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.paper.SheetSize;

/** Measures of a sheet as a style sheet writes them. */
public final class SheetStyle {

    private static final int PLACES = 3;

    private SheetStyle() {}

    public static String size(SheetSize sheet) {
        return millimeters(sheet.width()) + " " + millimeters(sheet.height());
    }

    public static String margin(SheetSize sheet) {
        return millimeters(sheet.margin());
    }

    /** Between its margins. */
    public static int roomInMillimeters(SheetSize sheet) {
        return sheet.width()
                .in(LengthUnit.MILLIMETER, PLACES)
                .subtract(sheet.margin().times(2).in(LengthUnit.MILLIMETER, PLACES))
                .intValue();
    }

    /** From a place on the sheet to its lower edge. */
    public static String rest(SheetSize sheet, Length from) {
        return millimeters(new Length(sheet.height().nanometers() - from.nanometers()));
    }

    public static String millimeters(Length length) {
        return length.in(LengthUnit.MILLIMETER, PLACES).toPlainString() + "mm";
    }
}
