package nobrec.server.job;

import java.util.List;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.InvoiceState;
import nobrec.core.workorder.ShortChoice;
import nobrec.server.api.list.Outcome;
import nobrec.server.packing.ShortJobs;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;

/** Holds several jobs, lets them go, or decides what they do while pieces are missing or nobody has paid. */
@Service
class JobHolds {

    private final WorkOrders workOrders;
    private final ShortJobs shortJobs;

    JobHolds(WorkOrders workOrders, ShortJobs shortJobs) {
        this.workOrders = workOrders;
        this.shortJobs = shortJobs;
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

    List<Outcome> decideShort(List<String> numbers, ShortChoice choice, String signIn) {
        return Outcome.ofEach(numbers, number -> number, number -> shortJobs.decide(number, choice, signIn));
    }

    /** They may go though nobody has paid. */
    List<Outcome> releaseUnpaid(List<String> numbers, String signIn) {
        return Outcome.ofEach(
                numbers,
                number -> number,
                number -> workOrders.keepInvoiceState(number, InvoiceState.RELEASED, signIn));
    }
}
