package nobrec.core.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import nobrec.core.item.Handling;
import nobrec.core.item.Item;
import nobrec.core.item.LineFact;
import nobrec.core.item.LineGoods;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Size;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.wordbook.KnownWords;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Item lists as they come in, and lines that take from them what their records lack. */
class ItemReaderTest {

    private static final KnownWords WORDS = new KnownWords(List.of(), List.of(), List.of(), List.of());
    private static final LayoutNotation USUAL =
            new LayoutNotation(DayText.Order.MONTH_FIRST, WeightUnit.POUND, LengthUnit.INCH, DecimalMark.UNKNOWN, "US");

    private static ItemReader.Result read(String heading, String... rows) {
        List<OrderReader.Row> read = new ArrayList<>();
        for (String row : rows) {
            read.add(new OrderReader.Row(read.size() + 2, List.of(row.split(";", -1))));
        }
        return ItemReader.read(List.of(heading.split(";")), read, WORDS, USUAL);
    }

    @Test
    void readsAnItemARowByItsHeadings() {
        ItemReader.Result result = read(
                "Part No;Description;Unit Weight (kg);Dimensions in;Unit Value;HTS Code;Origin;Bin;UPC;Colour",
                "SK-2;Seal kit, 2 in;0,5;5x4x1;12,50;8484.20;US;B 4;012345678905;red",
                "PN-1;Pin;1,25;;;;;;;");
        assertThat(result.faults()).isEmpty();
        assertThat(result.unread()).containsExactly("Colour");
        assertThat(result.readAs()).containsEntry("Part No", "Item").containsEntry("Bin", "Shelf");
        Item seal = result.items().get(0);
        assertThat(seal.unitWeight()).contains(Weight.of("0.5", WeightUnit.KILOGRAM));
        assertThat(seal.unitSize()).contains(Size.of("5", "4", "1", LengthUnit.INCH));
        assertThat(seal.goods().unitValueCents()).contains(1250L);
        assertThat(seal.goods().hsCode()).isEqualTo("8484.20");
        assertThat(List.of(seal.shelf(), seal.barcode())).containsExactly("B 4", "012345678905");
        assertThat(result.items().get(1).unitWeight()).contains(Weight.of("1.25", WeightUnit.KILOGRAM));
    }

    @Test
    void whatCannotBeReadIsNamedByRowAndColumnAndHoldsNothingUp() {
        ItemReader.Result result = read(
                "Number;Weight lb;Handling",
                "A;-3;",
                ";1;",
                "B;2;",
                "b ;3;",
                "C;1 stn;",
                "D;1;upside down",
                "E;1;alone",
                "F;2;alone",
                "G;4;alone",
                "H;4;alone");
        assertThat(result.items().stream().map(Item::number)).containsExactly("B", "E", "F", "G", "H");
        assertThat(result.faults().stream().map(fault -> fault.row() + " " + fault.column()))
                .containsExactly("2 Weight lb", "3 Number", "5 Number", "6 Weight lb", "7 Handling");
        assertThat(result.items().get(1).handling()).isEqualTo(new Handling(false, false, true));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void aFilledLineKeepsWhatItsRecordSaysAndCanBeEmptiedAgain(long seed) {
        Random random = new Random(seed);
        for (int each = 0; each < 200; each++) {
            WorkOrderDraft.Line recorded = OrderWriterTest.line(random);
            WorkOrderDraft.Line other = OrderWriterTest.line(random);
            Item item = new Item(
                    recorded.item(),
                    other.description(),
                    other.unitWeight(),
                    other.unitSize(),
                    other.handling(),
                    other.goods(),
                    "",
                    "");
            WorkOrderDraft.Line filled = FilledLine.of(recorded, item, Set.of());
            assertThat(FilledLine.emptied(filled)).isEqualTo(recorded);
            assertThat(filled.unitWeight()).isEqualTo(recorded.unitWeight().or(other::unitWeight));
            assertThat(filled.fromItem().contains(LineFact.VALUE))
                    .isEqualTo(recorded.goods().unitValueCents().isEmpty()
                            && other.goods().unitValueCents().isPresent());
            WorkOrderDraft.Line waiting = FilledLine.of(recorded, item, EnumSet.of(LineFact.WEIGHT, LineFact.SIZE));
            assertThat(waiting.unitWeight()).isEqualTo(recorded.unitWeight());
            assertThat(waiting.unitSize()).isEqualTo(recorded.unitSize());
        }
    }

    @Test
    void anItemThatKnowsNothingFillsNothing() {
        WorkOrderDraft.Line line = OrderWriterTest.line(new Random(3));
        Item empty =
                new Item(line.item(), "", Optional.empty(), Optional.empty(), Handling.ANY, LineGoods.UNKNOWN, "", "");
        assertThat(FilledLine.of(line, empty, Set.of())).isEqualTo(line);
    }

    @Test
    void whatTheListWritesReadsBackAsItWas() {
        Random random = new Random(11);
        List<Item> items = new ArrayList<>();
        List<OrderReader.Row> rows = new ArrayList<>();
        for (int each = 0; each < 300; each++) {
            WorkOrderDraft.Line line = OrderWriterTest.line(random);
            Item item = new Item(
                    "I-" + each,
                    line.description(),
                    line.unitWeight(),
                    line.unitSize(),
                    line.handling(),
                    line.goods(),
                    each % 3 == 0 ? "=B 4" : "",
                    each % 2 == 0 ? "0123" : "");
            items.add(item);
            rows.add(new OrderReader.Row(each + 2, ItemFile.row(item)));
        }
        ItemReader.Result read = ItemReader.read(ItemFile.header(), rows, WORDS, USUAL);
        assertThat(read.faults()).isEmpty();
        assertThat(read.items()).isEqualTo(items);
    }
}
