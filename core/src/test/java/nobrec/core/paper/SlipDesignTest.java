package nobrec.core.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import nobrec.core.refusal.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class SlipDesignTest {

    private static final List<SlipColumn> COLUMNS = List.of(SlipColumn.Kind.ITEM.column());

    private static SlipDesign design(SheetSize sheet, SlipBlock... blocks) {
        return new SlipDesign("ours", sheet, List.of(blocks), COLUMNS);
    }

    static Stream<SlipDesign> standards() {
        return StandardSlips.all().stream();
    }

    @ParameterizedTest
    @MethodSource("standards")
    void eachDesignThatIsAlwaysThereIsUsable(SlipDesign design) {
        assertThatCode(design::requireUsable).doesNotThrowAnyException();
        assertThat(design.blocks()).extracting(SlipBlock::kind).containsExactlyInAnyOrder(SlipBlock.Kind.values());
    }

    @Test
    void whatGoesInSomebodyElsesNameDoesNotSayOurs() {
        assertThat(StandardSlips.SILENT.shown(SlipBlock.Kind.LETTERHEAD)).isEmpty();
        assertThat(StandardSlips.SILENT.shown(SlipBlock.Kind.LOGO)).isEmpty();
    }

    @Test
    void blocksStandSideBySideAsFarAsThePaperIsWide() {
        SlipBlock[] all = {
            SlipBlock.Kind.LETTERHEAD.beside(),
            SlipBlock.Kind.BARCODE.beside(),
            SlipBlock.Kind.SHIP_TO.beside(),
            SlipBlock.Kind.BILL_TO.beside(),
            SlipBlock.Kind.NOTES.hidden(),
            SlipBlock.Kind.LINES.shown(),
        };
        assertThat(design(SheetSize.LETTER, all).rows()).extracting(List::size).containsExactly(3, 1, 1);
        assertThat(design(SheetSize.A6, all).rows()).extracting(List::size).containsExactly(2, 2, 1);
    }

    @Test
    void aDrawingStandsUnderItsPackagesLinesWhereTheBlocksFollowEachOther() {
        SlipBlock lines = SlipBlock.Kind.LINES.shown();
        SlipBlock drawing = SlipBlock.Kind.DRAWING.shown();
        assertThat(design(SheetSize.LETTER, lines, SlipBlock.Kind.NOTES.hidden(), drawing)
                        .drawsUnderLines())
                .isTrue();
        assertThat(design(SheetSize.LETTER, lines, SlipBlock.Kind.TERMS.shown(), drawing)
                        .drawsUnderLines())
                .isFalse();
        assertThat(design(SheetSize.LETTER, drawing).drawsUnderLines()).isFalse();
    }

    @Test
    void whatCannotPrintIsRefusedByName() {
        SlipBlock lines = SlipBlock.Kind.LINES.shown();
        refused(design(SheetSize.LETTER), "no block");
        refused(design(SheetSize.LETTER, lines, lines), "twice");
        refused(new SlipDesign(" ", SheetSize.LETTER, List.of(lines), COLUMNS), "no name");
        refused(new SlipDesign("x".repeat(61), SheetSize.LETTER, List.of(lines), COLUMNS), "long");
        refused(new SlipDesign("ours", SheetSize.LETTER, List.of(lines), List.of()), "no column");
        refused(
                new SlipDesign("ours", SheetSize.LETTER, List.of(lines), List.of(COLUMNS.get(0), COLUMNS.get(0))),
                "twice");
        refused(
                new SlipDesign(
                        "ours", SheetSize.LETTER, List.of(lines), List.of(new SlipColumn(SlipColumn.Kind.FIELD, " "))),
                "no field");
        List<SlipColumn> seven = Stream.of(SlipColumn.Kind.values())
                .limit(7)
                .map(SlipColumn.Kind::column)
                .toList();
        refused(new SlipDesign("ours", SheetSize.A6, List.of(lines), seven), "do not fit on A6");
    }

    private static void refused(SlipDesign design, String reason) {
        assertThatThrownBy(design::requireUsable).isInstanceOf(Refusal.class).hasMessageContaining(reason);
    }

    @ParameterizedTest
    @CsvSource(
            value = {
                "Thank you,Thank you",
                "From {Giver}: {Words},From Sam: Be well",
                "{Giver} sends this,Sam sends this",
                "{Nobody} and {Giver},' and Sam'",
                "'{Nobody} says {Nothing}',''",
                "{ Giver },Sam",
                "{},{}",
                "{Words,{Words",
            })
    void gapsAreFilledAndWordsWithoutAnyAreLeftOut(String words, String filled) {
        Map<String, String> values = Map.of("Giver", "Sam", "Words", "Be well");
        assertThat(SlipWords.filled(words, name -> values.getOrDefault(name, "")))
                .isEqualTo(filled);
    }

    @Test
    void whatAJobSaysIsNotTakenForAGapOrAnExpression() {
        assertThat(SlipWords.filled("{a}", name -> "{b} $1 \\")).isEqualTo("{b} $1 \\");
    }
}
