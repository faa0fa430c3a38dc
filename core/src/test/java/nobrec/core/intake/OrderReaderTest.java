package nobrec.core.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nobrec.core.charging.FreightTerms;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import org.junit.jupiter.api.Test;

class OrderReaderTest {

    private static final OrderLayout LAYOUT = new OrderLayout(
            "test",
            Map.of(
                    OrderField.ORDER_NUMBER, "No",
                    OrderField.PROMISE_DATE, "Promise",
                    OrderField.TERMS, "Freight",
                    OrderField.ITEM, "Item",
                    OrderField.QUANTITY, "Qty",
                    OrderField.UNIT_WEIGHT, "Wt"),
            "MM/dd/uuuu",
            UnitSystem.POUND_INCH);
    private static final List<String> HEADER = List.of("No", "Promise", "Freight", "Item", "Qty", "Wt");

    private static OrderReader.Result read(String... rows) {
        List<OrderReader.Row> read = new ArrayList<>();
        for (String row : rows) {
            read.add(new OrderReader.Row(read.size() + 2, List.of(row.split(";", -1))));
        }
        return OrderReader.read(HEADER, read, LAYOUT);
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
    void aFaultNamesRowColumnReasonAndCureAndLeavesOutItsOrderOnly() {
        OrderReader.Result result = read(
                "2421;12/32/2026;;A;1;1", "2425;;;B;1;1", "2425;;;C;1o;1", "2426;;;D;1;1", "2427;;barter;E;0;heavy");
        assertThat(result.orders().stream().map(WorkOrderDraft::number)).containsExactly("2426");
        assertThat(result.faultyOrders()).containsExactly("2421", "2425", "2427");
        assertThat(result.faults().stream().map(fault -> fault.row() + " " + fault.column() + " " + fault.value()))
                .containsExactly("2 Promise 12/32/2026", "4 Qty 1o", "6 Freight barter", "6 Qty 0", "6 Wt heavy");
        assertThat(result.faults())
                .allMatch(fault -> !fault.reason().isBlank() && !fault.cure().isBlank());
    }

    @Test
    void aRowWithoutANumberIsNamedAndEmptyRowsArePassedOver() {
        OrderReader.Result result = read(";12/03/2026;;A;1;1", ";;;;;", "2430;;;A;1;1");
        assertThat(result.faults())
                .singleElement()
                .matches(fault -> fault.row() == 2 && fault.column().equals("No"));
        assertThat(result.orders()).hasSize(1);
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

    @Test
    void aLayoutSaysWhatAHeaderLacksHoweverItIsWritten() {
        assertThat(LAYOUT.missingIn(List.of("no", " PROMISE ", "item", "qty"))).containsExactly("Freight", "Wt");
        assertThatThrownBy(() -> new OrderLayout("none", Map.of(), "MM", UnitSystem.POUND_INCH))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
