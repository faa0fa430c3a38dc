package nobrec.server.workorder.list;

import java.util.List;
import nobrec.core.readiness.Attention;
import nobrec.core.workorder.WorkOrder;

/** Looks at what keeps a job from going. */
public interface AttentionFinder {

    /** @param job as it counts: its record and the house rules */
    List<Attention> of(WorkOrder job);
}
