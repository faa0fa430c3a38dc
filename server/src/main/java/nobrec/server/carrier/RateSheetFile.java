package nobrec.server.carrier;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nobrec.core.rating.Tariff;
import nobrec.core.tariff.RateSheetReader;
import nobrec.core.tariff.RateSheetWriter;
import nobrec.core.tariff.SheetFault;
import nobrec.core.tariff.SheetReading;
import nobrec.server.platform.problem.Refusal;

/** Rate sheets as CSV (RFC 4180). */
final class RateSheetFile {

    private static final int FAULTS_SAID = 5;

    /** Cells that begin with one of these are formulas to a spreadsheet; a figure with its sign is none. */
    private static final Pattern FORMULA = Pattern.compile("[=@\\t\\r]|[+-](?![0-9.])");

    private RateSheetFile() {}

    static SheetReading read(String csv) {
        List<List<String>> rows = new ArrayList<>();
        try (CsvReader<CsvRecord> reader = CsvReader.builder()
                .skipEmptyLines(false)
                .allowMissingFields(true)
                .allowExtraFields(true)
                .ofCsvRecord(csv)) {
            reader.forEach(row ->
                    rows.add(row.getFields().stream().map(RateSheetFile::plain).toList()));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return RateSheetReader.read(rows);
    }

    /** @throws Refusal naming rows and reasons when the sheet cannot be used */
    static Tariff readOrRefuse(String name, String csv) {
        SheetReading reading = read(csv);
        return reading.tariff()
                .orElseThrow(() -> Refusal.unusable(
                        "Rate sheet " + name,
                        reading.faults().stream()
                                .filter(fault -> !fault.caution())
                                .limit(FAULTS_SAID)
                                .map(RateSheetFile::say)
                                .collect(Collectors.joining(" ")),
                        "Mend these rows and read it again; the sheets that are here stay as they are."));
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
