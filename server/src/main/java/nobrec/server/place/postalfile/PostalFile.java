package nobrec.server.place.postalfile;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import nobrec.server.place.AddressData;
import nobrec.server.place.PostalCodeRow;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

/** The postal codes of the United States. The data is GeoNames', CC BY 4.0; see docs/attribution.md. */
@Component
class PostalFile implements AddressData {

    private final Resource file;

    PostalFile(@Value("classpath:reference/us-postal-codes.csv") Resource file) {
        this.file = file;
    }

    @Override
    public List<PostalCodeRow> codes() throws IOException {
        List<PostalCodeRow> rows = new ArrayList<>();
        try (Reader reader = new InputStreamReader(file.getInputStream(), StandardCharsets.UTF_8);
                CsvReader<NamedCsvRecord> csv = CsvReader.builder().ofNamedCsvRecord(reader)) {
            csv.forEach(row -> rows.add(new PostalCodeRow(
                    row.getField("code"),
                    row.getField("city"),
                    row.getField("state"),
                    new BigDecimal(row.getField("latitude")),
                    new BigDecimal(row.getField("longitude")))));
        }
        return rows;
    }
}
