package nobrec.server.source;

import java.util.List;
import org.springframework.stereotype.Service;

/** Files with work orders that stayed out: until these came in, or a person is done with them. */
@Service
public class OpenFaults {

    /** So many files are named at once; the oldest of more wait. */
    private static final int MOST = 10;

    /** @param workOrders that have not come in */
    public record LeftOut(long importId, String fileName, int workOrders) {}

    private final ImportMapper mapper;

    OpenFaults(ImportMapper mapper) {
        this.mapper = mapper;
    }

    /** The newest first. */
    public List<LeftOut> all() {
        return mapper.open(CsvImport.SOURCE, MOST);
    }
}
