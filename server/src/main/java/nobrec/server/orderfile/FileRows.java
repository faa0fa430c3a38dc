package nobrec.server.orderfile;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.function.Consumer;
import nobrec.core.intake.OrderReader.Row;
import nobrec.server.platform.csv.ByteSource;
import nobrec.server.platform.csv.CsvFormat;
import nobrec.server.platform.csv.CsvRows;

/** The rows of a file below its heading. */
final class FileRows {

    private FileRows() {}

    /** Hands over each row with the number by which a spreadsheet counts it. */
    static void forEach(CsvFormat format, ByteSource bytes, Consumer<Row> rows) {
        head(format, bytes, Integer.MAX_VALUE, rows);
    }

    /** The same for the first rows only. */
    static void head(CsvFormat format, ByteSource bytes, int limit, Consumer<Row> rows) {
        try (CsvRows csv = new CsvRows(format, bytes)) {
            int number = 1;
            csv.next();
            while (csv.hasNext() && number <= limit) {
                number++;
                rows.accept(new Row(number, csv.next()));
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    static List<String> header(CsvFormat format, ByteSource bytes) throws IOException {
        try (CsvRows csv = new CsvRows(format, bytes)) {
            return csv.hasNext() ? List.copyOf(csv.next()) : List.of();
        }
    }
}
