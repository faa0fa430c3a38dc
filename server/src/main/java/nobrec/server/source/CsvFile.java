package nobrec.server.source;

import java.util.ArrayList;
import java.util.List;
import nobrec.core.intake.OrderReader;
import nobrec.server.platform.csv.CsvLimits;
import nobrec.server.platform.csv.CsvTable;

/**
 * A CSV file with a heading.
 *
 * @param semicolons whether they separate its cells, as where the comma is the decimal mark
 */
record CsvFile(List<String> header, List<OrderReader.Row> rows, boolean semicolons) {

    static CsvFile read(String name, byte[] content) {
        CsvTable table = CsvTable.read(name, content, CsvLimits.ORDERS);
        List<OrderReader.Row> rows = new ArrayList<>();
        for (int index = 1; index < table.rows().size(); index++) {
            rows.add(new OrderReader.Row(index + 1, table.rows().get(index)));
        }
        return new CsvFile(table.rows().get(0), rows, table.separator() == ';');
    }
}
