package nobrec.core.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.paper.StickerFit.Outcome;
import nobrec.core.refusal.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StickerTest {

    private static final List<StickerField> JOB = List.of(StickerField.JOB);

    private static Length inch(String amount) {
        return Length.of(amount, LengthUnit.INCH);
    }

    private static StickerSheet sheet(int rows, int columns, String side, String gap, int type) {
        return new StickerSheet(
                "ours",
                SheetSize.LETTER,
                rows,
                columns,
                inch("0.5"),
                inch(side),
                inch("0.5"),
                inch(side),
                inch(gap),
                inch("0"),
                false,
                type,
                JOB);
    }

    @Test
    void rowsAndColumnsShareWhatMarginsAndGapsLeave() {
        StickerSheet thirty = sheet(10, 3, "0.1875", "0.125", 9);
        assertThat(thirty.stickerWidth()).isEqualTo(inch("2.625"));
        assertThat(thirty.stickerHeight()).isEqualTo(inch("1"));
        assertThat(thirty.place(0)).isEqualTo(new StickerSheet.Place(inch("0.1875"), inch("0.5")));
        assertThat(thirty.place(2)).isEqualTo(new StickerSheet.Place(inch("5.6875"), inch("0.5")));
        assertThat(thirty.place(3)).isEqualTo(new StickerSheet.Place(inch("0.1875"), inch("1.5")));
        assertThat(thirty.place(29)).isEqualTo(new StickerSheet.Place(inch("5.6875"), inch("9.5")));
    }

    @Test
    void commonSheetsHaveTheMeasuresOfTheirNames() {
        assertThat(StandardStickers.all()).allSatisfy(StickerSheet::requireUsable);
        assertThat(StandardStickers.all())
                .extracting(sheet -> sheet.stickerWidth().in(LengthUnit.MILLIMETER, 1) + " "
                        + sheet.stickerHeight().in(LengthUnit.MILLIMETER, 1))
                .containsExactly("66.7 25.4", "101.6 25.4", "101.6 50.8", "101.6 84.7", "63.5 38.1", "99.1 67.7");
    }

    @ParameterizedTest
    @CsvSource({
        "0,3,0.1,0.1,9",
        "3,0,0.1,0.1,9",
        "41,3,0.1,0.1,9",
        "2,2,4.2,0,9",
        "2,2,20,0,9",
        "40,2,0.1,0,9",
        "2,2,0.1,9,9",
        "2,2,0.1,0,0",
        "2,2,0.1,0,400"
    })
    void whatCannotBePrintedIsRefused(int rows, int columns, String side, String gap, int type) {
        assertThatThrownBy(() -> sheet(rows, columns, side, gap, type).requireUsable())
                .isInstanceOf(Refusal.class);
    }

    /** Type whose letters are all half as wide as it is high. */
    private static StickerFit fit(List<String> lines, double width, double height, int wanted) {
        return StickerFit.of(lines, width, height, wanted, text -> text.length() * 0.5);
    }

    @Test
    void textIsSetAsWantedElseSmallerElseCutAndItSaysWhich() {
        assertThat(fit(List.of("ten letter"), 50, 20, 10))
                .isEqualTo(new StickerFit(10, List.of("ten letter"), Outcome.FITS));
        assertThat(fit(List.of("ten letter"), 40, 20, 10))
                .isEqualTo(new StickerFit(8, List.of("ten letter"), Outcome.SMALLER));
        assertThat(fit(List.of("a", "b", "c"), 50, 30, 10).size())
                .as("three lines in 30 pt")
                .isEqualTo(8);
        assertThat(fit(List.of("ten letter"), 20, 20, 10))
                .isEqualTo(new StickerFit(5, List.of("ten let…"), Outcome.CUT));
        assertThat(fit(List.of("one", "two", "three"), 50, 13, 10))
                .as("a line that is missing is marked")
                .isEqualTo(new StickerFit(5, List.of("one", "two…"), Outcome.CUT));
        assertThat(fit(List.of("one"), 50, 2, 10).lines()).isEmpty();
        assertThat(fit(List.of(), 50, 20, 10).outcome()).isEqualTo(Outcome.FITS);
    }

    @Test
    void aLetterOfTwoPartsIsNotCutInTwo() {
        assertThat(fit(List.of("😀😀😀😀😀😀😀😀😀😀"), 20, 20, 10).lines().get(0))
                .matches("(😀)+…");
    }
}
