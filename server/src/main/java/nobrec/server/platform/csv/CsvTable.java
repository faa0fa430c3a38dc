package nobrec.server.platform.csv;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import nobrec.core.refusal.Refusal;

/**
 * The cells of a CSV file (RFC 4180). Comma, semicolon or tab separates, whichever its first row with cells has most of.
 *
 * @param separator which of them
 * @param text what was read
 */
public record CsvTable(List<List<String>> rows, char separator, String text) {

    /**
     * Reads a file.
     *
     * @throws Refusal when it is no such file, or larger than allowed in rows or cells
     */
    public static CsvTable read(String name, byte[] content, CsvLimits limits) {
        return read(name, TextEncoding.decode("File “" + name + "”", content), limits);
    }

    /** The same from a text. */
    public static CsvTable read(String name, String text, CsvLimits limits) {
        char separator = separator(text);
        List<List<String>> rows = new ArrayList<>();
        try (CsvReader<CsvRecord> csv = CsvReader.builder()
                .fieldSeparator(separator)
                .skipEmptyLines(false)
                .allowMissingFields(true)
                .allowExtraFields(true)
                .maxBufferSize(Math.max(1, text.length()) + 1)
                .ofCsvRecord(text)) {
            new CsvScan("File “" + name + "”", limits, separator).check(new StringReader(text));
            csv.forEach(each -> rows.add(each.getFields()));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return new CsvTable(rows, separator, text);
    }

    static char separator(String text) {
        char best = ',';
        int most = 0;
        for (String line : text.lines().limit(20).toList()) {
            for (char candidate : new char[] {',', ';', '\t'}) {
                int count = count(line, candidate);
                if (count > most) {
                    best = candidate;
                    most = count;
                }
            }
            if (most > 0) {
                return best;
            }
        }
        return best;
    }

    private static int count(String line, char requested) {
        int count = 0;
        boolean quoted = false;
        for (int at = 0; at < line.length(); at++) {
            char each = line.charAt(at);
            quoted ^= each == '"';
            if (each == requested && !quoted) {
                count++;
            }
        }
        return count;
    }
}
