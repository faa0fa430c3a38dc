package nobrec.server.platform.csv;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import nobrec.core.intake.OrderReader;

/** A small file of rows under a heading, whole. */
public record HeadedRows(List<String> header, List<OrderReader.Row> rows) {

    public static HeadedRows of(UploadedFile file) throws IOException {
        ByteSource bytes = () -> new ByteArrayInputStream(file.content());
        List<OrderReader.Row> rows = new ArrayList<>();
        List<String> header;
        try (CsvRows csv = new CsvRows(CsvFormat.of(file.name(), bytes, CsvLimits.ORDERS), bytes)) {
            header = csv.hasNext() ? List.copyOf(csv.next()) : List.of();
            int number = 1;
            while (csv.hasNext()) {
                number++;
                rows.add(new OrderReader.Row(number, csv.next()));
            }
        }
        return new HeadedRows(header, rows);
    }
}
