package nobrec.server.source;

import java.util.Optional;
import org.springframework.stereotype.Service;

/** What the file dropped last left undone. */
@Service
public class NewestImport {

    /** Work orders that did not come in. */
    public record LeftOut(String fileName, int workOrders) {}

    private final ImportMapper mapper;

    NewestImport(ImportMapper mapper) {
        this.mapper = mapper;
    }

    public Optional<LeftOut> leftOut() {
        return mapper.newest().filter(run -> run.leftOut() > 0).map(run -> new LeftOut(run.fileName(), run.leftOut()));
    }
}
