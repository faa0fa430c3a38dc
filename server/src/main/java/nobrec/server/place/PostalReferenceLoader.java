package nobrec.server.place;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import nobrec.core.address.PostalArea;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Fills the postal tables the first time. */
@Component
@Order(PostalReferenceLoader.FIRST)
class PostalReferenceLoader implements ApplicationRunner {

    static final int FIRST = 1;

    private static final Logger LOG = LoggerFactory.getLogger(PostalReferenceLoader.class);
    private static final int ROWS_AT_ONCE = 2_000;

    private final PostalReferenceMapper mapper;
    private final AddressData data;

    PostalReferenceLoader(PostalReferenceMapper mapper, AddressData data) {
        this.mapper = mapper;
        this.data = data;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) throws IOException {
        if (!mapper.isEmpty()) {
            return;
        }
        List<PostalCodeRow> rows = data.codes();
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
}
