package nobrec.server.orderfile;

import java.util.List;
import java.util.Optional;
import nobrec.server.layout.LayoutDocument;
import nobrec.server.platform.csv.CsvFormat;

/**
 * How a file is read.
 *
 * @param layout empty until somebody has chosen one
 */
record FileReading(CsvFormat format, List<String> header, Optional<LayoutDocument> layout) {

    FileReading with(LayoutDocument chosen) {
        return new FileReading(format, header, Optional.of(chosen));
    }
}
