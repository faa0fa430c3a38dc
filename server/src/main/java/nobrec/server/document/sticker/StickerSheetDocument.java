package nobrec.server.document.sticker;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.List;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.DecimalMark;
import nobrec.core.paper.SheetSize;
import nobrec.core.paper.StickerField;
import nobrec.core.paper.StickerSheet;
import nobrec.core.refusal.Refusal;
import nobrec.server.document.kept.LengthText;

/**
 * A sheet of stickers as it is typed, kept, saved as a file and brought in. Margins and gaps are lengths with their unit.
 *
 * @param gapAcross between two columns
 * @param gapDown between two rows
 * @param border whether a frame is printed around each sticker
 * @param type size of type in points
 */
public record StickerSheetDocument(
        @NotNull @Size(max = Limits.DESIGN_NAME) String name,
        @NotNull SheetSize sheet,
        int rows,
        int columns,
        @NotNull @Size(max = Limits.FIGURE_TEXT) String top,
        @NotNull @Size(max = Limits.FIGURE_TEXT) String right,
        @NotNull @Size(max = Limits.FIGURE_TEXT) String bottom,
        @NotNull @Size(max = Limits.FIGURE_TEXT) String left,
        @NotNull @Size(max = Limits.FIGURE_TEXT) String gapAcross,
        @NotNull @Size(max = Limits.FIGURE_TEXT) String gapDown,
        boolean border,
        int type,
        @NotNull @Size(max = 20) List<@NotNull StickerField> fields) {

    private static final int PLACES = 5;

    public static StickerSheetDocument of(StickerSheet sheet) {
        LengthUnit unit = sheet.sheet() == SheetSize.LETTER || sheet.sheet() == SheetSize.LABEL
                ? LengthUnit.INCH
                : LengthUnit.MILLIMETER;
        return new StickerSheetDocument(
                sheet.name(),
                sheet.sheet(),
                sheet.rows(),
                sheet.columns(),
                written(sheet.top(), unit),
                written(sheet.right(), unit),
                written(sheet.bottom(), unit),
                written(sheet.left(), unit),
                written(sheet.gapAcross(), unit),
                written(sheet.gapDown(), unit),
                sheet.border(),
                sheet.type(),
                sheet.fields());
    }

    private static String written(Length length, LengthUnit unit) {
        BigDecimal amount = length.in(unit, PLACES).stripTrailingZeros();
        return amount.signum() == 0 ? "0" : amount.toPlainString() + (unit == LengthUnit.INCH ? " in" : " mm");
    }

    /** @throws Refusal with the first measure that cannot be read */
    public StickerSheet read(UnitSystem units, DecimalMark mark) {
        return new StickerSheet(
                name,
                sheet,
                rows,
                columns,
                LengthText.read("The margin above", top, units, mark),
                LengthText.read("The margin at the right", right, units, mark),
                LengthText.read("The margin below", bottom, units, mark),
                LengthText.read("The margin at the left", left, units, mark),
                LengthText.read("The gap between columns", gapAcross, units, mark),
                LengthText.read("The gap between rows", gapDown, units, mark),
                border,
                type,
                fields);
    }
}
