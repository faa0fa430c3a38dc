package nobrec.server.platform.csv;

import java.io.IOException;
import java.io.Reader;
import nobrec.core.refusal.Refusal;

/**
 * How a CSV file is written (RFC 4180): its letters, and which sign separates its cells: comma, semicolon or tab, whichever its
 * first row with cells has most of.
 *
 * @param rows how many it has, the heading included
 */
public record CsvFormat(TextEncoding encoding, char separator, int rows) {

    private static final int BEGINNING = 1 << 16;

    /**
     * Looks through the whole file.
     *
     * @throws Refusal when it is no such file, or larger than allowed in rows or cells
     */
    public static CsvFormat of(String name, ByteSource bytes, CsvLimits limits) throws IOException {
        String thing = "File “" + name + "”";
        TextEncoding encoding = TextEncoding.of(thing, bytes);
        char separator;
        try (Reader reader = encoding.read(bytes)) {
            char[] beginning = new char[BEGINNING];
            int read = reader.read(beginning);
            separator = CsvTable.separator(new String(beginning, 0, Math.max(0, read)));
        }
        try (Reader reader = encoding.read(bytes)) {
            return new CsvFormat(encoding, separator, new CsvScan(thing, limits, separator).check(reader));
        }
    }

    /** As people call it: {@code UTF-8, separated by semicolons}. */
    public String label() {
        String sign = switch (separator) {
            case ';' -> "semicolons";
            case '\t' -> "tabs";
            default -> "commas";
        };
        return encoding.label() + ", separated by " + sign;
    }
}
