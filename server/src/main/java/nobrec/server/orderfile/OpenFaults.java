package nobrec.server.orderfile;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;

/** Files with work orders that stayed out: until these came in, or a person is done with them. */
@Service
public class OpenFaults {

    /** So many files are named at once; the oldest of more wait. */
    private static final int MAX = 10;

    /** @param workOrders that have not come in */
    public record LeftOut(long importId, String fileName, int workOrders) {}

    private final ImportMapper mapper;
    private final WorkOrders workOrders;

    OpenFaults(ImportMapper mapper, WorkOrders workOrders) {
        this.mapper = mapper;
        this.workOrders = workOrders;
    }

    /** @param orderNumber empty text where the file gives none */
    record FaultyOrder(long importId, String fileName, String orderNumber) {}

    /**
     * The newest first. A fault without a number counts until a person is done with it: nobody can say which work order it is
     * of.
     */
    public List<LeftOut> all() {
        List<FaultyOrder> faulty = mapper.open();
        Set<String> here = workOrders.numbersHere(
                FileImports.SOURCE,
                faulty.stream().map(FaultyOrder::orderNumber).collect(Collectors.toSet()));
        Map<Long, List<FaultyOrder>> byFile = faulty.stream()
                .filter(each -> !here.contains(each.orderNumber()))
                .collect(Collectors.groupingBy(FaultyOrder::importId, LinkedHashMap::new, Collectors.toList()));
        return byFile.values().stream().limit(MAX).map(OpenFaults::leftOut).toList();
    }

    private static LeftOut leftOut(List<FaultyOrder> ofOneFile) {
        int numbered = (int)
                ofOneFile.stream().filter(each -> !each.orderNumber().isEmpty()).count();
        return new LeftOut(ofOneFile.get(0).importId(), ofOneFile.get(0).fileName(), numbered);
    }
}
