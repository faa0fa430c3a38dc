package nobrec.server.carrier;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nobrec.core.notation.DecimalMark;
import nobrec.core.ratesheet.Tariff;
import nobrec.core.ratesheet.file.RateSheetReader;
import nobrec.core.ratesheet.file.RateSheetWriter;
import nobrec.core.ratesheet.file.SheetFault;
import nobrec.core.ratesheet.file.SheetReading;
import nobrec.core.refusal.Refusal;
import nobrec.server.platform.csv.CsvLimits;
import nobrec.server.platform.csv.CsvTable;
import nobrec.server.platform.csv.UploadedFile;

/** Rate sheets as CSV (RFC 4180). */
final class RateSheetFile {

    private static final int FAULTS_SAID = 5;

    /** Cells that begin with one of these are formulas to a spreadsheet; a figure with its sign is none. */
    private static final Pattern FORMULA = Pattern.compile("[=@\\t\\r]|[+-](?![0-9.])");

    private RateSheetFile() {}

    /** The cells of a file; it may be separated and encoded in any of the usual ways. */
    static CsvTable table(UploadedFile file) {
        return CsvTable.read(file.name(), file.content(), CsvLimits.RATE_SHEET);
    }

    /** @throws Refusal naming rows and reasons when the sheet cannot be used */
    static SheetReading readOrRefuse(String name, CsvTable table) {
        SheetReading reading = read(table);
        if (reading.tariff().isEmpty()) {
            throw Refusal.unusable(
                    "Rate sheet “" + name + "”",
                    faults(reading),
                    "Correct these rows and read it again; the sheets that are here stay as they are.");
        }
        return reading;
    }

    private static SheetReading read(CsvTable table) {
        return RateSheetReader.read(
                table.rows().stream()
                        .map(row -> row.stream().map(RateSheetFile::plain).toList())
                        .toList(),
                table.separator() == ';' ? DecimalMark.UNKNOWN : DecimalMark.POINT);
    }

    /** A sheet that was kept, or why it cannot be used any more. */
    static Kept kept(String csv) {
        try {
            SheetReading reading = read(CsvTable.read("rate sheet", csv, CsvLimits.RATE_SHEET));
            return new Kept(reading.tariff(), reading.tariff().isPresent() ? "" : faults(reading));
        } catch (Refusal unreadable) {
            return new Kept(Optional.empty(), unreadable.reason());
        }
    }

    /** @param fault empty text when it can be used */
    record Kept(Optional<Tariff> tariff, String fault) {}

    private static String faults(SheetReading reading) {
        List<SheetFault> refused =
                reading.faults().stream().filter(fault -> !fault.caution()).toList();
        String said =
                refused.stream().limit(FAULTS_SAID).map(RateSheetFile::say).collect(Collectors.joining(" "));
        return refused.size() > FAULTS_SAID ? said + " And " + (refused.size() - FAULTS_SAID) + " more." : said;
    }

    /** A cell that a spreadsheet would take for a formula is written as text, with an apostrophe before it. */
    private static String harmless(String cell) {
        return FORMULA.matcher(cell).lookingAt() ? "'" + cell : cell;
    }

    private static String plain(String cell) {
        return cell.startsWith("'") && FORMULA.matcher(cell.substring(1)).lookingAt() ? cell.substring(1) : cell;
    }

    private static String say(SheetFault fault) {
        return "Row " + fault.row() + ": " + fault.reason();
    }

    static String write(Tariff tariff) {
        StringWriter text = new StringWriter();
        try (CsvWriter writer = CsvWriter.builder().build(text)) {
            RateSheetWriter.rows(tariff)
                    .forEach(row -> writer.writeRecord(
                            row.stream().map(RateSheetFile::harmless).toList()));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }
}
