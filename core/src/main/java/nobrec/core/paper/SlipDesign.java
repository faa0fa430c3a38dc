package nobrec.core.paper;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;

/**
 * How a packing slip is made up.
 *
 * @param name what house rules choose it by
 * @param blocks each kind once, in their order
 */
public record SlipDesign(String name, SheetSize sheet, List<SlipBlock> blocks, List<SlipColumn> columns) {

    /** A kind that is not named comes last and is not shown, so that a design of an older making can be read. */
    public SlipDesign {
        List<SlipBlock> all = new ArrayList<>(blocks);
        Set<SlipBlock.Kind> missing = EnumSet.allOf(SlipBlock.Kind.class);
        blocks.forEach(block -> missing.remove(block.kind()));
        missing.forEach(kind -> all.add(kind.hidden()));
        blocks = List.copyOf(all);
        columns = List.copyOf(columns);
    }

    public List<SlipBlock> shown() {
        return blocks.stream().filter(SlipBlock::shown).toList();
    }

    public Optional<SlipBlock> shown(SlipBlock.Kind kind) {
        return shown().stream().filter(block -> block.kind() == kind).findFirst();
    }

    /** Whether each package's drawing stands under its own lines: where both blocks follow each other. */
    public boolean drawsUnderLines() {
        List<SlipBlock.Kind> kinds = shown().stream().map(SlipBlock::kind).toList();
        int lines = kinds.indexOf(SlipBlock.Kind.LINES);
        return lines >= 0 && kinds.indexOf(SlipBlock.Kind.DRAWING) == lines + 1;
    }

    /** The shown blocks by what stands side by side. */
    public List<List<SlipBlock>> rows() {
        int across = sheet.isNarrow() ? 2 : 3;
        List<List<SlipBlock>> rows = new ArrayList<>();
        for (SlipBlock block : shown()) {
            List<SlipBlock> last = rows.isEmpty() ? List.of() : rows.get(rows.size() - 1);
            if (block.beside() && !last.isEmpty() && last.size() < across) {
                last.add(block);
            } else {
                rows.add(new ArrayList<>(List.of(block)));
            }
        }
        return rows;
    }

    /** @throws Refusal with the first thing that is not as it must be */
    public void requireUsable() {
        String thing = "Slip design “" + name + "”";
        if (name.isBlank() || name.length() > Limits.DESIGN_NAME || !name.equals(name.strip())) {
            throw Refusal.unusable(
                    "The slip design",
                    "It has no name, a long one, or one with blanks at its ends.",
                    "Name it in up to " + Limits.DESIGN_NAME + " letters.");
        }
        if (blocks.size() > SlipBlock.Kind.values().length) {
            throw Refusal.unusable(thing, "A block is there twice.", "Leave one of them.");
        }
        if (shown().isEmpty()) {
            throw Refusal.unusable(thing, "It has no block that is shown.", "Show one.");
        }
        requireColumns(thing);
    }

    private void requireColumns(String thing) {
        if (shown(SlipBlock.Kind.LINES).isPresent() && columns.isEmpty()) {
            throw Refusal.unusable(thing, "Its lines have no column.", "Choose one, or do not show the lines.");
        }
        int most = sheet.isNarrow() ? Limits.COLUMNS_OF_NARROW_SLIP : Limits.COLUMNS_OF_SLIP;
        if (columns.size() > most) {
            throw Refusal.unusable(
                    thing,
                    columns.size() + " columns do not fit on " + sheet.words() + ".",
                    "Choose up to " + most + ", or another paper.");
        }
        Set<SlipColumn> once = new HashSet<>();
        for (SlipColumn column : columns) {
            if (!once.add(column)) {
                throw Refusal.unusable(
                        thing, "The column “" + column.heading() + "” is there twice.", "Leave one of them.");
            }
            if (column.kind() == SlipColumn.Kind.FIELD && column.field().isBlank()) {
                throw Refusal.unusable(thing, "A column has no field.", "Name the line's field it shows.");
            }
        }
    }
}
