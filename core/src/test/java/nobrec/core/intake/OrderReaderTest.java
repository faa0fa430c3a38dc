package nobrec.core.intake;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.layout.FieldTarget;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.layout.OrderField;
import nobrec.core.layout.OrderLayout;
import nobrec.core.layout.RowShape;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.notation.DayText;
import nobrec.core.notation.DecimalMark;
import nobrec.core.wordbook.KnownWords;
import nobrec.core.wordbook.SourceWords;
import nobrec.core.wordbook.WordKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class OrderReaderTest {

    private static final OrderLayout LAYOUT = new OrderLayout(
            "test",
            RowShape.LINE_A_ROW,
            Map.of(
                    FieldTarget.of(OrderField.ORDER_NUMBER), "No",
                    FieldTarget.of(OrderField.PROMISE_DATE), "Promise",
                    FieldTarget.of(OrderField.TERMS), "Freight",
                    FieldTarget.of(OrderField.ITEM), "Item",
                    FieldTarget.of(OrderField.QUANTITY), "Qty",
                    FieldTarget.of(OrderField.UNIT_WEIGHT), "Wt"),
            Map.of(),
            new LayoutNotation(DayText.Order.MONTH_FIRST, WeightUnit.POUND, LengthUnit.INCH, DecimalMark.POINT, "US"));
    private static final KnownWords WORDS = new KnownWords(List.of(), List.of(), List.of(), List.of());
    private static final List<String> HEADER = List.of("No", "Promise", "Freight", "Item", "Qty", "Wt");

    private static OrderReader.Result read(String... rows) {
        List<OrderReader.Row> read = new ArrayList<>();
        for (String row : rows) {
            read.add(new OrderReader.Row(read.size() + 2, List.of(row.split(";", -1))));
        }
        return read(LAYOUT, read);
    }

    private static OrderReader.Result read(OrderLayout layout, List<OrderReader.Row> rows) {
        return OrderReader.read(BoundLayout.of(layout, HEADER, WORDS, OrderDefaults.NONE), rows);
    }

    @Test
    void rowsWithOneNumberAreOneOrder() {
        OrderReader.Result result =
                read("2417;12/03/2026;receiver pays;SK-2;6;0.3", "2417;;;BU-1;4;1.9kg", "2418;;;X;1;");
        assertThat(result.faults()).isEmpty();
        assertThat(result.orders()).hasSize(2);
        WorkOrderDraft first = result.orders().get(0);
        assertThat(first.promiseDate()).contains(LocalDate.of(2026, 12, 3));
        assertThat(first.terms()).isEqualTo(FreightTerms.COLLECT);
        assertThat(first.lines()).hasSize(2);
        assertThat(first.lines().get(1).unitWeight()).contains(Weight.of("1.9", WeightUnit.KILOGRAM));
        assertThat(result.orders().get(1).lines().get(0).unitWeight()).isEmpty();
    }

    @Test
    void aFaultNamesRowColumnReasonAndRemedyAndLeavesOutItsOrderOnly() {
        OrderReader.Result result =
                read("2421;12/32/2026;;A;1;1", "2425;;;B;1;1", "2425;;;C;1o;1", "2426;;;D;1;1", "2427;;;E;0;heavy");
        assertThat(result.orders().stream().map(WorkOrderDraft::number)).containsExactly("2426");
        assertThat(result.faultyOrders()).containsExactly("2421", "2425", "2427");
        assertThat(result.faults().stream().map(fault -> fault.row() + " " + fault.column() + " " + fault.value()))
                .containsExactly("2 Promise 12/32/2026", "4 Qty 1o", "6 Qty 0", "6 Wt heavy");
        assertThat(result.faults())
                .allMatch(fault -> !fault.reason().isBlank() && !fault.remedy().isBlank());
    }

    /** What was read as something else once: each stays out, by row and column, and nothing of it goes in. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2417;12/03/2026;;A;1;45,00|Wt",
                "2417;12/03/1899;;A;1;1|Promise",
                "2417;12/03/2150;;A;1;1|Promise",
                "2417;2/30/2027;;A;1;1|Promise",
                "2417;;;A;1.5;1|Qty",
                "2417;;;A;100001;1|Qty",
                "2417;;;A;1;9999999|Wt",
                "2417;;;A;1;1;left over|No",
            })
    void whatDoesNotReadLeavesTheWholeOrderOut(String row, String column) {
        OrderReader.Result result = read("2416;;;A;1;1", "2417;;;B;1;1", row, "2418;;;C;1;1");
        assertThat(result.orders().stream().map(WorkOrderDraft::number)).containsExactly("2416", "2418");
        assertThat(result.faults()).isNotEmpty().allMatch(fault -> fault.row() == 4);
        assertThat(result.faults()).anyMatch(fault -> fault.column().equals(column));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1/5/2027",
                "2027-01-05",
                "01/05/2027",
                "Jan 5, 2027",
                "5-Jan-2027",
                "1/5/2027 0:00",
                "2027-01-05T00:00:00"
            })
    void daysAreReadAsProgramsWriteThem(String day) {
        assertThat(read("2417;" + day + ";;A;1;1").orders().get(0).promiseDate())
                .contains(LocalDate.of(2027, 1, 5));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"1,250|1250", "4.0000|4", "12.|0"})
    void piecesAreReadAsProgramsWriteThem(String text, int pieces) {
        List<WorkOrderDraft> orders = read("2417;;;A;" + text + ";1").orders();
        assertThat(orders.isEmpty() ? 0 : orders.get(0).lines().get(0).quantity())
                .isEqualTo(pieces);
    }

    @Test
    void aFileShowsItsDecimalMarkOrWhatMayBeEitherStaysOut() {
        OrderLayout unknown = LAYOUT.withDecimals(DecimalMark.UNKNOWN);
        OrderReader.Row either = new OrderReader.Row(2, List.of("2417", "", "", "A", "1", "1,250"));
        OrderReader.Row shows = new OrderReader.Row(3, List.of("2418", "", "", "A", "1", "12,5"));
        assertThat(read(unknown, List.of(either)).faults())
                .singleElement()
                .matches(fault -> fault.reason().equals("“1,250” may be 1250 or 1.250."));
        assertThat(read(unknown, List.of(either, shows))
                        .orders()
                        .get(0)
                        .lines()
                        .get(0)
                        .unitWeight())
                .contains(Weight.of("1.25", WeightUnit.POUND));
    }

    @Test
    void rowsOfOneOrderMustNotDisagree() {
        OrderReader.Result result = read("2417;12/03/2026;;A;1;1", "2417;12/04/2026;;B;1;1", "2418;;;C;1;1");
        assertThat(result.faultyOrders()).containsExactly("2417");
        assertThat(result.faults())
                .singleElement()
                .matches(fault -> fault.row() == 3 && fault.column().equals("Promise"));
    }

    @Test
    void numbersThatDifferByCaseOrAccentAreDifferentOrders() {
        assertThat(read("a-1;;;A;1;1", "A-1;;;B;1;1", "á-1;;;C;1;1").orders()).hasSize(3);
    }

    @Test
    void aCellOverSeveralRowsIsNamedAndALineBreakInATextIsABlank() {
        assertThat(read("2417;;;one\n2418,x,y;1;1").faults())
                .singleElement()
                .matches(fault -> fault.column().equals("Item"));
        assertThat(read("2417;;;one\ntwo;1;1").orders().get(0).lines().get(0).item())
                .isEqualTo("one two");
    }

    @Test
    void anOrderHasAMostOfLines() {
        String[] rows = new String[5_001];
        Arrays.fill(rows, "2417;;;A;1;1");
        assertThat(read(rows).faults()).singleElement().matches(fault -> fault.row() == 5_002);
    }

    @Test
    void aRowWithoutANumberIsNamedAndEmptyRowsArePassedOver() {
        OrderReader.Result result = read(";12/03/2026;;A;1;1", ";;;;;", "2430;;;A;1;1", "2431;;;A;1;1", ";;;B;1;1");
        assertThat(result.faults())
                .hasSize(2)
                .allMatch(fault ->
                        (fault.row() == 2 || fault.row() == 6) && fault.column().equals("No"));
        assertThat(result.orders().stream().map(WorkOrderDraft::number)).containsExactly("2430");
        assertThat(result.faultyOrders()).containsExactly("2431");
    }

    @Test
    void shortRowsAndLongTextsDoNotBreakIt() {
        assertThat(read("2430").faults())
                .singleElement()
                .matches(fault -> fault.column().equals("Qty"));
        assertThat(read("2430;;;" + "x".repeat(500) + ";1;1").faults())
                .singleElement()
                .matches(fault -> fault.column().equals("Item"));
    }

    /** They do not hold up the work order: somebody says what they mean, once for all. */
    @Test
    void wordsThatNobodyHasTranslatedAreNoted() {
        WorkOrderDraft order = read("2430;;barter;A;1;4 stn").orders().get(0);
        assertThat(order.openWords())
                .containsExactly(
                        new OpenWord(WordKind.TERMS, "barter", OrderField.TERMS, 0, "barter"),
                        new OpenWord(WordKind.UNIT, "stn", OrderField.UNIT_WEIGHT, 1, "4 stn"));
        SourceWords told = (kind, word) -> switch (word) {
            case "barter" -> Optional.of("receiver pays");
            case "stn" -> Optional.of("kg");
            default -> WORDS.meaning(kind, word);
        };
        WorkOrderDraft read = OrderReader.read(
                        BoundLayout.of(LAYOUT, HEADER, told, OrderDefaults.NONE),
                        List.of(new OrderReader.Row(2, List.of("2430", "", "barter", "A", "1", "4 stn"))))
                .orders()
                .get(0);
        assertThat(read.openWords()).isEmpty();
        assertThat(read.terms()).isEqualTo(FreightTerms.COLLECT);
        assertThat(read.lines().get(0).unitWeight()).contains(Weight.of("4", WeightUnit.KILOGRAM));
    }

    @Test
    void aSourcesDefaultsCountWhereItSaysNothing() {
        OrderDefaults defaults = new OrderDefaults(Map.of(OrderField.TERMS, "receiver pays"));
        List<OrderReader.Row> rows = List.of(
                new OrderReader.Row(2, List.of("1", "", "", "A", "1", "1")),
                new OrderReader.Row(3, List.of("2", "", "we pay", "A", "1", "1")));
        assertThat(OrderReader.read(BoundLayout.of(LAYOUT, HEADER, WORDS, defaults), rows).orders().stream()
                        .map(WorkOrderDraft::terms))
                .containsExactly(FreightTerms.COLLECT, FreightTerms.PREPAID);
    }

    @Test
    void onlyTheNumberIsRequired() {
        OrderLayout bare = new OrderLayout(
                "bare",
                RowShape.LINE_A_ROW,
                Map.of(FieldTarget.of(OrderField.ORDER_NUMBER), "No"),
                Map.of(),
                LAYOUT.notation());
        WorkOrderDraft.Line line = read(bare, List.of(new OrderReader.Row(2, List.of("77"))))
                .orders()
                .get(0)
                .lines()
                .get(0);
        assertThat(line.description()).isEqualTo("Contents not given");
        assertThat(line.quantity()).isEqualTo(1);
    }

    @Test
    void rowsOfOneOrderMayBeFarApart() {
        OrderReader.Result result = read("1;;;A;1;1", "2;;;B;1;1", "1;;;C;2;1", "3;;;D;1;1", "2;;;E;3;1");
        assertThat(result.orders().stream().map(WorkOrderDraft::number)).containsExactly("1", "3", "2");
        assertThat(result.orders().get(0).lines()).hasSize(2);
    }

    /** Rows of one order may go to different places, and nothing else of the whole order may differ. */
    @Test
    void aRowThatNamesAnotherPlaceHasLinesThatGoThere() {
        OrderLayout layout = new OrderLayout(
                "places",
                RowShape.LINE_A_ROW,
                Map.of(
                        FieldTarget.of(OrderField.ORDER_NUMBER), "No",
                        FieldTarget.of(OrderField.COMPANY), "Promise",
                        FieldTarget.of(OrderField.CITY), "Freight",
                        FieldTarget.of(OrderField.ITEM), "Item",
                        FieldTarget.of(OrderField.QUANTITY), "Qty",
                        FieldTarget.of(OrderField.LINE_SHIP_TO), "Wt"),
                Map.of(),
                LAYOUT.notation());
        OrderReader.Result result = read(
                layout,
                List.of(
                        new OrderReader.Row(2, List.of("7", "Head Co", "Madison", "A", "1", "")),
                        new OrderReader.Row(3, List.of("7", "", "", "B", "1", "")),
                        new OrderReader.Row(4, List.of("7", "Other Co", "Tucson", "C", "1", "")),
                        new OrderReader.Row(
                                5, List.of("7", "", "", "D", "1", "Far Co;;1 Way;;Toronto;ON;M5V 2T6;Canada")),
                        new OrderReader.Row(6, List.of("8", "Head Co", "Madison", "A", "1", "Far Co; 1 Way"))));
        assertThat(result.faults().stream().map(fault -> fault.row() + " " + fault.reason()))
                .containsExactly("6 The address has 2 parts, not eight.");
        List<Optional<PostalAddress>> places = result.orders().get(0).lines().stream()
                .map(WorkOrderDraft.Line::shipTo)
                .toList();
        assertThat(places.get(0)).isEmpty();
        assertThat(places.get(1)).as("an empty cell says nothing").isEmpty();
        assertThat(places.get(2).map(PostalAddress::cityLine).orElseThrow()).startsWith("Tucson");
        assertThat(places.get(2).orElseThrow().country())
                .as("that of the order")
                .isEqualTo("US");
        assertThat(places.get(3).orElseThrow().country()).isEqualTo("CA");
    }
}
