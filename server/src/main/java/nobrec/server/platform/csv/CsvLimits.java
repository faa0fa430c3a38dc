package nobrec.server.platform.csv;

import nobrec.core.limit.Limits;

/**
 * How large a file may be.
 *
 * @param rows with the heading
 */
public record CsvLimits(int rows, int cellsOfRow, int lettersOfCell) {

    public static final CsvLimits ORDERS = new CsvLimits(Limits.ORDER_FILE_ROWS + 1, Limits.CELLS_OF_ROW, Limits.CELL);
    public static final CsvLimits RATE_SHEET = new CsvLimits(Limits.SHEET_ROWS, Limits.CELLS_OF_ROW, Limits.SHEET_CELL);
}
