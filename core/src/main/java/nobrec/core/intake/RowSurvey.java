package nobrec.core.intake;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nobrec.core.layout.OrderField;
import nobrec.core.notation.DecimalMark;
import nobrec.core.notation.FigureText;

/**
 * A first look at all rows of a file, of which nothing but the numbers is kept: which row is the last of each work order, so that
 * an order is whole as soon as it can be, and which decimal mark the figures show.
 */
public final class RowSurvey {

    private final BoundLayout layout;
    private final int[] figureColumns;
    private final Map<String, Integer> lastRows = new HashMap<>();
    private final Map<String, Boolean> spoiled = new HashMap<>();
    private final FigureText.Marks marks = new FigureText.Marks();
    private String above = "";
    private int rows;

    public RowSurvey(BoundLayout layout) {
        this.layout = layout;
        this.figureColumns = layout.figureColumns();
    }

    public void add(OrderReader.Row row) {
        List<String> cells = row.cells();
        if (OrderReader.isEmpty(cells)) {
            return;
        }
        rows++;
        if (layout.notation().decimals() == DecimalMark.UNKNOWN) {
            for (int at : figureColumns) {
                if (at < cells.size()) {
                    marks.add(cells.get(at));
                }
            }
        }
        String number = layout.text(OrderField.ORDER_NUMBER, 0, cells);
        if (number.isEmpty()) {
            // It may be a line of the order above, which would go in without it.
            spoiled.put(above, true);
        } else {
            lastRows.put(number, row.number());
            above = number;
        }
    }

    /** Rows that say something. */
    public int rows() {
        return rows;
    }

    public int orders() {
        return lastRows.size();
    }

    /** The layout with the decimal mark that the file shows, where it is not known before. */
    public BoundLayout settled() {
        return layout.notation().decimals() == DecimalMark.UNKNOWN ? layout.with(marks.shown()) : layout;
    }

    boolean isLast(String number, int row) {
        return lastRows.getOrDefault(number, 0) == row;
    }

    boolean isSpoiled(String number) {
        return spoiled.containsKey(number);
    }

    /** The survey of some rows. */
    static RowSurvey of(BoundLayout layout, List<OrderReader.Row> rows) {
        RowSurvey survey = new RowSurvey(layout);
        new ArrayList<>(rows).forEach(survey::add);
        return survey;
    }
}
