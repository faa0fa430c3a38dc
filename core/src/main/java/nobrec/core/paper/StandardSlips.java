package nobrec.core.paper;

import static nobrec.core.paper.SlipBlock.Kind.BARCODE;
import static nobrec.core.paper.SlipBlock.Kind.BILL_TO;
import static nobrec.core.paper.SlipBlock.Kind.DRAWING;
import static nobrec.core.paper.SlipBlock.Kind.LETTERHEAD;
import static nobrec.core.paper.SlipBlock.Kind.LINES;
import static nobrec.core.paper.SlipBlock.Kind.MESSAGE;
import static nobrec.core.paper.SlipBlock.Kind.REFERENCES;
import static nobrec.core.paper.SlipBlock.Kind.SHIP_TO;
import static nobrec.core.paper.SlipBlock.Kind.STILL_TO_COME;
import static nobrec.core.paper.SlipBlock.Kind.TITLE;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The designs that are always there. Nobody can change them, so one that prints is always at hand; a shop's own begin as copies. */
public final class StandardSlips {

    private static final List<SlipColumn> COLUMNS = columns(
            SlipColumn.Kind.ITEM,
            SlipColumn.Kind.DESCRIPTION,
            SlipColumn.Kind.LOTS,
            SlipColumn.Kind.QUANTITY,
            SlipColumn.Kind.ORDERED,
            SlipColumn.Kind.STILL_TO_COME,
            SlipColumn.Kind.CHECKED);

    private static final List<SlipColumn> FEW =
            columns(SlipColumn.Kind.ITEM, SlipColumn.Kind.DESCRIPTION, SlipColumn.Kind.QUANTITY);

    private static final List<SlipBlock> HEAD =
            List.of(LETTERHEAD.shown(), BARCODE.beside(), TITLE.shown(), SHIP_TO.shown(), REFERENCES.beside());

    private static final List<SlipBlock> BODY = List.of(LINES.shown(), DRAWING.shown());

    public static final SlipDesign STANDARD =
            new SlipDesign("standard", SheetSize.LETTER, together(HEAD, BODY), COLUMNS);

    /** For goods that are sent in somebody else's name: the receiver does not learn who packed them. */
    public static final SlipDesign SILENT = new SlipDesign(
            "without our name and address",
            SheetSize.LETTER,
            together(List.of(BARCODE.shown(), TITLE.shown(), SHIP_TO.shown(), REFERENCES.beside()), BODY),
            COLUMNS);

    /** What is in one package, for its side. */
    public static final SlipDesign ON_BOX = new SlipDesign(
            "on the box side",
            SheetSize.LABEL,
            List.of(
                    new SlipBlock(TITLE, true, false, "In this package", ""),
                    BARCODE.shown(),
                    SHIP_TO.shown(),
                    REFERENCES.beside(),
                    LINES.shown()),
            columns(SlipColumn.Kind.ITEM, SlipColumn.Kind.DESCRIPTION, SlipColumn.Kind.LOTS, SlipColumn.Kind.QUANTITY));

    private static final List<SlipDesign> ALL = List.of(
            STANDARD,
            SILENT,
            new SlipDesign(
                    "with prices",
                    SheetSize.LETTER,
                    together(
                            List.of(
                                    LETTERHEAD.shown(),
                                    BARCODE.beside(),
                                    TITLE.shown(),
                                    SHIP_TO.shown(),
                                    BILL_TO.beside(),
                                    REFERENCES.beside()),
                            BODY,
                            List.of(STILL_TO_COME.shown())),
                    columns(
                            SlipColumn.Kind.ITEM,
                            SlipColumn.Kind.DESCRIPTION,
                            SlipColumn.Kind.LOTS,
                            SlipColumn.Kind.QUANTITY,
                            SlipColumn.Kind.UNIT_PRICE,
                            SlipColumn.Kind.AMOUNT)),
            new SlipDesign(
                    "a gift",
                    SheetSize.LETTER,
                    List.of(
                            TITLE.shown(),
                            SHIP_TO.shown(),
                            BARCODE.beside(),
                            MESSAGE.saying("{Gift message}"),
                            LINES.shown()),
                    FEW),
            new SlipDesign("standard A4", SheetSize.A4, together(HEAD, BODY), COLUMNS),
            ON_BOX,
            new SlipDesign("on label stock", SheetSize.LABEL, narrow(), FEW),
            new SlipDesign("on A6", SheetSize.A6, narrow(), FEW));

    private StandardSlips() {}

    public static List<SlipDesign> all() {
        return ALL;
    }

    private static List<SlipBlock> narrow() {
        return List.of(TITLE.shown(), BARCODE.shown(), SHIP_TO.shown(), REFERENCES.beside(), LINES.shown());
    }

    private static List<SlipColumn> columns(SlipColumn.Kind... kinds) {
        return Stream.of(kinds).map(SlipColumn.Kind::column).toList();
    }

    @SafeVarargs
    private static List<SlipBlock> together(List<SlipBlock>... parts) {
        List<SlipBlock> all = new ArrayList<>();
        for (List<SlipBlock> part : parts) {
            all.addAll(part);
        }
        return all;
    }
}
