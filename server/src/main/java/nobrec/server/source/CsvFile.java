package nobrec.server.source;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import nobrec.core.intake.OrderReader;
import nobrec.server.platform.problem.Refusal;

/**
 * A CSV file (RFC 4180) with a heading. Comma, semicolon or tab separates, whichever the heading has most of; a byte
 * order mark is passed over; text that is not UTF-8 is taken as Windows-1252.
 */
record CsvFile(List<String> header, List<OrderReader.Row> rows) {

    private static final int MOST_ROWS = 50_000;
    private static final String BYTE_ORDER_MARK = "\uFEFF";

    static CsvFile read(String name, byte[] content) {
        String text = decode(content);
        List<List<String>> records = new ArrayList<>();
        List<Integer> numbers = new ArrayList<>();
        try (CsvReader<CsvRecord> csv = CsvReader.builder()
                .fieldSeparator(separator(text))
                .skipEmptyLines(false)
                .allowMissingFields(true)
                .allowExtraFields(true)
                .ofCsvRecord(text)) {
            int number = 0;
            for (CsvRecord each : csv) {
                number++;
                records.add(each.getFields());
                numbers.add(number);
                if (number > MOST_ROWS) {
                    throw Refusal.unusable(
                            "File “" + name + "”", "It has more than 50,000 rows.", "Split it and drop the parts.");
                }
            }
        } catch (CsvParseException broken) {
            throw Refusal.unusable(
                    "File “" + name + "”",
                    "It does not read as CSV: " + broken.getMessage() + ".",
                    "A quoted cell that is not closed is the usual cause.");
        } catch (java.io.IOException impossible) {
            throw new java.io.UncheckedIOException(impossible);
        }
        if (records.isEmpty() || text.isBlank()) {
            throw Refusal.unusable("File “" + name + "”", "It is empty.", "Export the orders again.");
        }
        List<OrderReader.Row> rows = new ArrayList<>();
        for (int index = 1; index < records.size(); index++) {
            rows.add(new OrderReader.Row(numbers.get(index), records.get(index)));
        }
        return new CsvFile(records.get(0), rows);
    }

    private static String decode(byte[] content) {
        String text;
        try {
            text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(content))
                    .toString();
        } catch (CharacterCodingException notUtf8) {
            text = new String(content, Charset.forName("windows-1252"));
        }
        return text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text;
    }

    private static char separator(String text) {
        String heading = text.lines().findFirst().orElse("");
        char best = ',';
        for (char candidate : new char[] {';', '\t'}) {
            if (count(heading, candidate) > count(heading, best)) {
                best = candidate;
            }
        }
        return best;
    }

    private static long count(String text, char wanted) {
        return text.chars().filter(each -> each == wanted).count();
    }
}
