package nobrec.server.platform.csv;

import de.siegmar.fastcsv.reader.CloseableIterator;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Iterator;
import java.util.List;

/** The rows of a CSV file whose format is known, one after the other. */
public final class CsvRows implements Iterator<List<String>>, AutoCloseable {

    private static final int LONGEST_ROW = 8_000_000;

    private final CloseableIterator<CsvRecord> rows;

    public CsvRows(CsvFormat format, ByteSource bytes) throws IOException {
        rows = CsvReader.builder()
                .fieldSeparator(format.separator())
                .skipEmptyLines(false)
                .allowMissingFields(true)
                .allowExtraFields(true)
                .maxBufferSize(LONGEST_ROW)
                .ofCsvRecord(format.encoding().read(bytes))
                .iterator();
    }

    @Override
    public boolean hasNext() {
        return rows.hasNext();
    }

    @Override
    public List<String> next() {
        return rows.next().getFields();
    }

    @Override
    public void close() {
        try {
            rows.close();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
