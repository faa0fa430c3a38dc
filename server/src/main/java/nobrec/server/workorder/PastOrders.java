package nobrec.server.workorder;

import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import nobrec.core.workorder.WorkOrder;
import org.springframework.stereotype.Service;

/** Work orders of the past, whatever became of them, as their records say them. */
@Service
public class PastOrders {

    /** @param at when it came in */
    public record CameIn(WorkOrder recorded, Instant at) {}

    private final PastOrderMapper mapper;
    private final StoredOrders orders;

    PastOrders(PastOrderMapper mapper, StoredOrders orders) {
        this.mapper = mapper;
        this.orders = orders;
    }

    /** Those that came in since a moment, the newest first, from one with an id below the given one on. */
    public List<CameIn> since(Instant from, long beforeId, int limit) {
        List<CameInRow> rows = mapper.since(from, beforeId, limit);
        List<WorkOrder> found = orders.byIds(rows.stream().map(CameInRow::id).toList());
        return IntStream.range(0, rows.size())
                .mapToObj(each -> new CameIn(found.get(each), rows.get(each).takenInAt()))
                .toList();
    }

    public int countSince(Instant from) {
        return mapper.countSince(from);
    }
}
