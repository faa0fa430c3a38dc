package nobrec.server.workorder.list;

import java.util.Collection;
import java.util.Map;

/** Statuses that the shop itself gave jobs. */
public interface JobStatusTexts {

    /** By work order; none of those that have none. */
    Map<Long, String> of(Collection<Long> workOrderIds);
}
