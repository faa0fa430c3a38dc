package nobrec.core.paper;

import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.refusal.Refusal;

/**
 * The part of a sheet that is peeled off as a label; the slip has what is above it, or below, whichever is more.
 *
 * @param left from the sheet's left edge
 * @param top from its upper edge
 */
public record PeelOff(Length left, Length top, Length width, Length height) {

    private static final Length LEAST_SIDE = Length.of("50", LengthUnit.MILLIMETER);
    private static final Length LEAST_FOR_SLIP = Length.of("60", LengthUnit.MILLIMETER);

    public Length bottom() {
        return top.plus(height);
    }

    /** Whether the slip stands above it. */
    public boolean isBelowSlip(SheetSize sheet) {
        return top.nanometers() >= sheet.height().nanometers() - bottom().nanometers();
    }

    /** @throws Refusal where it is not on the sheet, or leaves nothing of it */
    public void requireOn(SheetSize sheet) {
        String thing = "The peel-off label";
        if (left.plus(width).isAbove(sheet.width()) || bottom().isAbove(sheet.height())) {
            throw Refusal.unusable(
                    thing,
                    "It reaches beyond the " + sheet.words() + " sheet.",
                    "Write its place from the upper left corner, and its size.");
        }
        if (LEAST_SIDE.isAbove(width) || LEAST_SIDE.isAbove(height)) {
            throw Refusal.unusable(thing, "It is smaller than 50 mm.", "A label needs 4 × 6 in, or little less.");
        }
        long above = top.nanometers();
        long below = sheet.height().nanometers() - bottom().nanometers();
        if (Math.max(above, below) < LEAST_FOR_SLIP.nanometers()) {
            throw Refusal.unusable(
                    thing, "It leaves less than 60 mm for the slip above or below it.", "Place it at an edge.");
        }
    }
}
