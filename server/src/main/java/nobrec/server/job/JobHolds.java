package nobrec.server.job;

import java.util.List;
import nobrec.core.refusal.Refusal;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;

/** Holds several jobs, or lets them go. */
@Service
class JobHolds {

    private final WorkOrders workOrders;

    JobHolds(WorkOrders workOrders) {
        this.workOrders = workOrders;
    }

    List<Outcome> hold(List<String> numbers, String reason, String signIn) {
        if (reason.isEmpty()) {
            throw Refusal.unusable("The hold", "It has no reason.", "Write why they must not go.");
        }
        return Outcome.ofEach(numbers, number -> number, number -> workOrders.hold(number, reason, signIn));
    }

    List<Outcome> release(List<String> numbers, String signIn) {
        return Outcome.ofEach(numbers, number -> number, number -> workOrders.release(number, signIn));
    }
}
