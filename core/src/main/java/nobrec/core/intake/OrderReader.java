package nobrec.core.intake;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Consumer;
import nobrec.core.layout.OrderField;

/**
 * Reads the rows of a file into work orders, one row after the other. An order with a fault in any of its rows is left out whole;
 * the others are not held up by it. Each is given out with its last row, so that only those are held whose rows are still to come.
 */
public final class OrderReader {

    /** @param number as a spreadsheet counts: the heading is row 1 */
    public record Row(int number, List<String> cells) {}

    /**
     * What became of one work order.
     *
     * @param lastRow with which it was whole
     * @param rows how many it has
     * @param draft empty when it is left out
     */
    public record Outcome(String number, int lastRow, int rows, Optional<WorkOrderDraft> draft) {}

    /**
     * @param orders good ones, in the order of their last rows
     * @param faults every bad cell, in the order of the file
     * @param faultyOrders numbers of the orders left out
     */
    public record Result(List<WorkOrderDraft> orders, List<RowFault> faults, List<String> faultyOrders) {}

    private final RowSurvey survey;
    private final BoundLayout layout;
    private final Consumer<RowFault> faults;
    private final Consumer<Outcome> outcomes;
    private final Map<String, OrderBeingRead> open = new HashMap<>();

    /**
     * @param survey of the same rows
     * @param faults takes every bad cell
     * @param outcomes takes every work order, good or left out
     */
    public OrderReader(RowSurvey survey, Consumer<RowFault> faults, Consumer<Outcome> outcomes) {
        this.survey = survey;
        this.layout = survey.settled();
        this.faults = faults;
        this.outcomes = outcomes;
    }

    /** All rows at once. */
    public static Result read(BoundLayout layout, List<Row> rows) {
        List<WorkOrderDraft> good = new ArrayList<>();
        List<RowFault> faults = new ArrayList<>();
        TreeSet<String> faulty = new TreeSet<>();
        OrderReader reader = new OrderReader(RowSurvey.of(layout, rows), faults::add, outcome -> {
            outcome.draft().ifPresentOrElse(good::add, () -> faulty.add(outcome.number()));
        });
        rows.forEach(reader::add);
        return new Result(good, faults, List.copyOf(faulty));
    }

    public void add(Row row) {
        if (isEmpty(row.cells())) {
            return;
        }
        List<OpenWord> words = new ArrayList<>();
        RowCells cells = new RowCells(row, layout, faults, words::add);
        String number = cells.orderNumber();
        String written = layout.text(OrderField.ORDER_NUMBER, 0, row.cells());
        if (written.isEmpty()) {
            return;
        }
        OrderBeingRead order =
                open.computeIfAbsent(written, each -> new OrderBeingRead(number.isEmpty() ? written : number, layout));
        order.countRow();
        if (!number.isEmpty() && cells.endsInTime()) {
            order.add(cells);
            order.openWords().addAll(words);
        } else {
            order.spoil();
        }
        if (survey.isSpoiled(written)) {
            order.spoil();
        }
        if (survey.isLast(written, row.number())) {
            open.remove(written);
            Optional<WorkOrderDraft> draft = order.isFaulty() ? Optional.empty() : Optional.of(order.draft());
            outcomes.accept(new Outcome(written, row.number(), order.rows(), draft));
        }
    }

    static boolean isEmpty(List<String> cells) {
        for (String cell : cells) {
            if (!cell.isBlank()) {
                return false;
            }
        }
        return true;
    }
}
