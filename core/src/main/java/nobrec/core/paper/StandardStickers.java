package nobrec.core.paper;

import java.util.List;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;

/** Common sheets, by the measure of their stickers. Common practice, no source. */
public final class StandardStickers {

    private static final List<StickerField> ADDRESS =
            List.of(StickerField.SHIP_TO, StickerField.JOB, StickerField.COUNT);
    private static final List<StickerField> JOB =
            List.of(StickerField.BARCODE, StickerField.JOB, StickerField.SHIP_TO, StickerField.COUNT);

    private StandardStickers() {}

    public static List<StickerSheet> all() {
        return List.of(
                letter("30 of 2 5/8 × 1 in", 10, 3, "0.5", "0.1875", "0", "0.125", 9, ADDRESS),
                letter("20 of 4 × 1 in", 10, 2, "0.5", "0.155", "0", "0.19", 9, ADDRESS),
                letter("10 of 4 × 2 in", 5, 2, "0.5", "0.155", "0", "0.19", 11, JOB),
                letter("6 of 4 × 3 1/3 in", 3, 2, "0.5", "0.155", "0", "0.19", 14, JOB),
                a4("21 of 63.5 × 38.1 mm", 7, 3, "15.15", "7.25", "2.5", 9, ADDRESS),
                a4("8 of 99.1 × 67.7 mm", 4, 2, "13.1", "4.65", "2.5", 13, JOB));
    }

    private static StickerSheet letter(
            String name,
            int rows,
            int columns,
            String top,
            String side,
            String down,
            String across,
            int type,
            List<StickerField> fields) {
        return new StickerSheet(
                name,
                SheetSize.LETTER,
                rows,
                columns,
                inch(top),
                inch(side),
                inch(top),
                inch(side),
                inch(across),
                inch(down),
                false,
                type,
                fields);
    }

    private static StickerSheet a4(
            String name,
            int rows,
            int columns,
            String top,
            String side,
            String across,
            int type,
            List<StickerField> fields) {
        return new StickerSheet(
                name,
                SheetSize.A4,
                rows,
                columns,
                millimeter(top),
                millimeter(side),
                millimeter(top),
                millimeter(side),
                millimeter(across),
                millimeter("0"),
                false,
                type,
                fields);
    }

    private static Length inch(String amount) {
        return Length.of(amount, LengthUnit.INCH);
    }

    private static Length millimeter(String amount) {
        return Length.of(amount, LengthUnit.MILLIMETER);
    }
}
