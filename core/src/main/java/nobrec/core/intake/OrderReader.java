package nobrec.core.intake;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.FigureText;

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
        OrderLayout known = layout.decimals() == DecimalMark.UNKNOWN
                ? layout.withDecimals(FigureText.shownBy(positions.figuresIn(rows)))
                : layout;
        Map<String, OrderBeingRead> orders = new LinkedHashMap<>();
        List<RowFault> faults = new ArrayList<>();
        Set<String> faulty = new TreeSet<>();
        String above = "";
        for (Row row : rows) {
            if (row.cells().stream().allMatch(String::isBlank)) {
                continue;
            }
            RowCells cells = new RowCells(row, known, positions, faults);
            String number = cells.orderNumber();
            if (number.isEmpty()) {
                // It may be a line of the order above, which would go in without it.
                faulty.add(above);
                continue;
            }
            int before = faults.size();
            if (cells.endsInTime(header)) {
                orders.computeIfAbsent(number, OrderBeingRead::new).add(cells);
            }
            if (faults.size() > before) {
                faulty.add(number);
            }
            above = number;
        }
        List<WorkOrderDraft> good = orders.values().stream()
                .filter(order -> !faulty.contains(order.number()))
                .map(OrderBeingRead::draft)
                .toList();
        faulty.remove("");
        return new Result(good, faults, List.copyOf(faulty));
    }
}
