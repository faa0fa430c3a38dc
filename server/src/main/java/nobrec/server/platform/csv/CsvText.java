package nobrec.server.platform.csv;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Writes rows as CSV (RFC 4180) in UTF-8, with the mark by which spreadsheets know it. */
public final class CsvText implements AutoCloseable {

    private final CsvWriter writer;

    public CsvText(OutputStream out) throws IOException {
        OutputStreamWriter text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        text.write('\uFEFF');
        writer = CsvWriter.builder().build(text);
    }

    public void row(List<String> cells) {
        writer.writeRecord(cells);
    }

    @Override
    public void close() {
        try {
            writer.close();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
