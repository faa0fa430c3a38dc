package nobrec.server.document.slip;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.measure.UnitSystem;
import nobrec.core.notation.DecimalMark;
import nobrec.core.paper.PeelOff;
import nobrec.core.paper.SheetSize;
import nobrec.core.paper.SlipBlock;
import nobrec.core.paper.SlipColumn;
import nobrec.core.paper.SlipDesign;
import nobrec.server.document.kept.LengthText;

/**
 * A slip design as it is kept, exported and imported.
 *
 * @param markup its own template; empty text for ours
 * @param style its own style sheet, which comes after ours; empty text for none
 */
public record SlipDesignDocument(
        @NotNull @Size(max = Limits.DESIGN_NAME) String name,
        @NotNull SheetSize sheet,
        @NotNull @Size(max = 20) List<@NotNull @Valid Block> blocks,
        @NotNull @Size(max = Limits.COLUMNS_OF_SLIP) List<@NotNull @Valid Column> columns,
        @NotNull @Size(max = Limits.TEMPLATE) String markup,
        @NotNull @Size(max = Limits.STYLE_SHEET) String style,
        Optional<@Valid Logo> logo,
        Optional<@Valid PeelOffDocument> peelOff) {

    /**
     * @param heading empty text for none
     * @param text what the block is made of, for some kinds
     */
    public record Block(
            @NotNull SlipBlock.Kind kind,
            boolean shown,
            boolean beside,
            @NotNull @Size(max = Limits.BLOCK_HEADING) String heading,
            @NotNull @Size(max = Limits.BLOCK_TEXT) String text) {}

    /** @param field name of the line's own field; empty text for other kinds */
    public record Column(
            @NotNull SlipColumn.Kind kind,
            @NotNull @Size(max = Limits.CUSTOM_NAME) String field) {}

    /** A part of the sheet that is peeled off as the package's label: place from the upper left corner, and size, with units. */
    public record PeelOffDocument(
            @NotNull @Size(max = Limits.FIGURE_TEXT) String left,
            @NotNull @Size(max = Limits.FIGURE_TEXT) String top,
            @NotNull @Size(max = Limits.FIGURE_TEXT) String width,
            @NotNull @Size(max = Limits.FIGURE_TEXT) String height) {

        PeelOff read(UnitSystem units, DecimalMark mark) {
            return new PeelOff(
                    LengthText.read("The peel-off label's place from the left", left, units, mark),
                    LengthText.read("The peel-off label's place from above", top, units, mark),
                    LengthText.read("The peel-off label's width", width, units, mark),
                    LengthText.read("The peel-off label's height", height, units, mark));
        }
    }

    public static SlipDesignDocument of(SlipDesign design) {
        return written(design, "", "", Optional.empty(), Optional.empty());
    }

    /** The same with every kind of block, also those that it was made without. */
    public SlipDesignDocument whole() {
        return written(design(), markup, style, logo, peelOff);
    }

    private static SlipDesignDocument written(
            SlipDesign design, String markup, String style, Optional<Logo> logo, Optional<PeelOffDocument> peelOff) {
        return new SlipDesignDocument(
                design.name(),
                design.sheet(),
                design.blocks().stream()
                        .map(block ->
                                new Block(block.kind(), block.shown(), block.beside(), block.heading(), block.text()))
                        .toList(),
                design.columns().stream()
                        .map(column -> new Column(column.kind(), column.field()))
                        .toList(),
                markup,
                style,
                logo,
                peelOff);
    }

    public SlipDesign design() {
        return new SlipDesign(
                name,
                sheet,
                blocks.stream()
                        .map(block ->
                                new SlipBlock(block.kind, block.shown, block.beside, block.heading, block.text.strip()))
                        .toList(),
                columns.stream()
                        .map(column -> new SlipColumn(column.kind, column.field.strip()))
                        .toList());
    }

    /** The same with our template and style sheet. */
    SlipDesignDocument plain() {
        return new SlipDesignDocument(name, sheet, blocks, columns, "", "", logo, peelOff);
    }

    /** The same without anything that a shop brought in. */
    SlipDesignDocument bare() {
        return new SlipDesignDocument(name, sheet, blocks, columns, "", "", Optional.empty(), Optional.empty());
    }

    public boolean isPlain() {
        return markup.isBlank() && style.isBlank();
    }
}
