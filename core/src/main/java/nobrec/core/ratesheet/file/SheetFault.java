package nobrec.core.ratesheet.file;

/**
 * What is wrong with a row of a rate sheet.
 *
 * @param row counted from 1, as a spreadsheet counts
 * @param caution it is said, and the sheet is taken all the same
 */
public record SheetFault(int row, String reason, boolean caution) {

    static SheetFault refused(int row, String reason) {
        return new SheetFault(row, reason, false);
    }

    static SheetFault caution(int row, String reason) {
        return new SheetFault(row, reason, true);
    }
}
