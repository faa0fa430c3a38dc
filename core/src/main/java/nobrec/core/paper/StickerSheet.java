package nobrec.core.paper;

import java.util.HashSet;
import java.util.List;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.refusal.Refusal;

/**
 * A sheet of stickers. What margins and gaps leave of the paper its rows and columns share.
 *
 * @param border whether a frame is printed around each sticker
 * @param type size of type in points, where there is room for it
 * @param fields in the order in which they stand on a sticker
 */
public record StickerSheet(
        String name,
        SheetSize sheet,
        int rows,
        int columns,
        Length top,
        Length right,
        Length bottom,
        Length left,
        Length gapAcross,
        Length gapDown,
        boolean border,
        int type,
        List<StickerField> fields) {

    /** Points of type that are still read, and that fill a page. Common practice, no source. */
    public static final int LEAST_TYPE = 5;

    public static final int MOST_TYPE = 72;

    private static final Length LEAST_SIDE = Length.of("8", LengthUnit.MILLIMETER);

    /** A sticker's place on its sheet, from the upper left corner. */
    public record Place(Length left, Length top) {}

    public StickerSheet {
        fields = List.copyOf(fields);
    }

    public int stickers() {
        return rows * columns;
    }

    public Length stickerWidth() {
        return share(sheet.width(), left, right, gapAcross, columns);
    }

    public Length stickerHeight() {
        return share(sheet.height(), top, bottom, gapDown, rows);
    }

    private static Length share(Length paper, Length before, Length after, Length gap, int parts) {
        return new Length(Math.max(
                0,
                (paper.nanometers() - before.nanometers() - after.nanometers() - gap.nanometers() * (parts - 1L))
                        / parts));
    }

    /** @param index from 0, row by row */
    public Place place(int index) {
        return new Place(
                left.plus(stickerWidth().plus(gapAcross).times(index % columns)),
                top.plus(stickerHeight().plus(gapDown).times(index / columns)));
    }

    /** @throws Refusal with the first thing that is not as it must be */
    public void requireUsable() {
        String thing = "Sticker sheet “" + name + "”";
        if (name.isBlank() || name.length() > Limits.DESIGN_NAME || !name.equals(name.strip())) {
            throw Refusal.unusable(
                    "The sticker sheet",
                    "It has no name, a long one, or one with blanks at its ends.",
                    "Name it in up to " + Limits.DESIGN_NAME + " letters.");
        }
        if (rows < 1 || columns < 1 || rows > Limits.STICKERS_IN_LINE || columns > Limits.STICKERS_IN_LINE) {
            throw Refusal.unusable(
                    thing,
                    "It has " + rows + " rows and " + columns + " columns.",
                    "Write 1 to " + Limits.STICKERS_IN_LINE + " of each.");
        }
        if (LEAST_SIDE.isAbove(stickerWidth()) || LEAST_SIDE.isAbove(stickerHeight())) {
            throw Refusal.unusable(
                    thing,
                    "Margins and gaps leave each sticker less than 8 mm of " + sheet.words() + " paper.",
                    "Write smaller margins and gaps, or fewer rows and columns.");
        }
        if (type < LEAST_TYPE || type > MOST_TYPE) {
            throw Refusal.unusable(
                    thing,
                    "Type of " + type + " pt is not to be read on a sticker.",
                    "Write " + LEAST_TYPE + " to " + MOST_TYPE + ".");
        }
        if (fields.isEmpty() || new HashSet<>(fields).size() < fields.size()) {
            throw Refusal.unusable(thing, "Nothing is chosen to stand on it, or one thing twice.", "Choose each once.");
        }
    }
}
