package nobrec.core.intake;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * Reads the rows of a file into work orders. An order with a fault in any of its rows is left out whole; the others are
 * not held up by it.
 */
public final class OrderReader {

    /** @param number as a spreadsheet counts: the heading is row 1 */
    public record Row(int number, List<String> cells) {}

    /**
     * @param orders good ones, in the order of the file
     * @param faults every bad cell, in the order of the file
     * @param faultyOrders numbers of the orders left out
     */
    public record Result(List<WorkOrderDraft> orders, List<RowFault> faults, List<String> faultyOrders) {}

    private OrderReader() {}

    /** @param header first row of the file, which must have all columns of the layout */
    public static Result read(List<String> header, List<Row> rows, OrderLayout layout) {
        OrderLayout.Positions positions = layout.positionsIn(header);
        Map<String, OrderBeingRead> orders = new LinkedHashMap<>();
        List<RowFault> faults = new ArrayList<>();
        for (Row row : rows) {
            if (row.cells().stream().allMatch(String::isBlank)) {
                continue;
            }
            RowCells cells = new RowCells(row, layout, positions, faults);
            String number = cells.text(OrderField.ORDER_NUMBER);
            if (number.isEmpty()) {
                cells.fault(
                        OrderField.ORDER_NUMBER,
                        "There is no work order number.",
                        "Every row needs one; the row is left out.");
                continue;
            }
            orders.computeIfAbsent(number, OrderBeingRead::new).add(cells);
        }
        TreeSet<String> faulty = new TreeSet<>();
        faults.stream()
                .map(RowFault::orderNumber)
                .filter(number -> !number.isEmpty())
                .forEach(faulty::add);
        List<WorkOrderDraft> good = orders.values().stream()
                .filter(order -> !faulty.contains(order.number()))
                .map(OrderBeingRead::draft)
                .toList();
        return new Result(good, faults, List.copyOf(faulty));
    }
}
