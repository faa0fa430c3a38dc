package nobrec.core.intake;

/**
 * A cell that could not be read.
 *
 * @param row as a spreadsheet counts: the heading is row 1
 * @param column its heading
 * @param value what stands there
 */
public record RowFault(int row, String column, String orderNumber, String value, String reason, String remedy) {}
