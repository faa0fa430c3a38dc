package nobrec.server.place;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import nobrec.core.address.PostalArea;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Fills the postal tables the first time. The data is GeoNames', CC BY 4.0; see docs/attribution.md. */
@Component
@Order(PostalReferenceLoader.FIRST)
class PostalReferenceLoader implements ApplicationRunner {

    static final int FIRST = 1;

    private static final Logger LOG = LoggerFactory.getLogger(PostalReferenceLoader.class);
    private static final int ROWS_AT_ONCE = 2_000;

    private final PostalReferenceMapper mapper;
    private final Resource file;

    PostalReferenceLoader(
            PostalReferenceMapper mapper, @Value("classpath:reference/us-postal-codes.csv") Resource file) {
        this.mapper = mapper;
        this.file = file;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) throws IOException {
        if (!mapper.isEmpty()) {
            return;
        }
        List<PostalCodeRow> rows = read();
        for (int from = 0; from < rows.size(); from += ROWS_AT_ONCE) {
            mapper.insertCodes(rows.subList(from, Math.min(rows.size(), from + ROWS_AT_ONCE)));
        }
        Map<String, List<PostalCodeRow>> byArea =
                rows.stream().collect(Collectors.groupingBy(row -> PostalArea.codeOf(row.code())));
        mapper.insertAreas(byArea.entrySet().stream()
                .map(area -> PostalAreaRow.of(PostalArea.around(
                        area.getKey(),
                        area.getValue().stream().map(PostalCodeRow::point).toList())))
                .toList());
        LOG.info("Postal reference loaded: {} codes in {} areas.", rows.size(), byArea.size());
    }

    private List<PostalCodeRow> read() throws IOException {
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
