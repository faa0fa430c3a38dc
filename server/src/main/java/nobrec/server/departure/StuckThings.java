package nobrec.server.departure;

import java.util.ArrayList;
import java.util.List;
import nobrec.server.departure.DepartureView.StuckView;
import nobrec.server.posting.PostingLedger;
import nobrec.server.shipment.WaitingShipments;
import nobrec.server.source.NewestImport;
import org.springframework.stereotype.Component;

/** What does not go on by itself, or not yet, with where to mend it. */
@Component
class StuckThings {

    private final NewestImport imports;
    private final PostingLedger postings;
    private final WaitingShipments waiting;

    StuckThings(NewestImport imports, PostingLedger postings, WaitingShipments waiting) {
        this.imports = imports;
        this.postings = postings;
        this.waiting = waiting;
    }

    List<StuckView> all() {
        List<StuckView> things = new ArrayList<>();
        for (WaitingShipments.Waiting each : waiting.all()) {
            things.add(new StuckView(
                    "Job " + each.job(), each.reason(), "It is asked again by itself.", "/bench/" + each.job()));
        }
        int unanswered = postings.unanswered();
        if (unanswered > 0) {
            things.add(new StuckView(
                    unanswered == 1 ? "One posting" : unanswered + " postings",
                    "Nobody answers there.",
                    "It goes on by itself, in growing pauses.",
                    "/postings"));
        }
        int failed = postings.failed();
        if (failed > 0) {
            things.add(new StuckView(
                    failed == 1 ? "One posting" : failed + " postings",
                    failed == 1 ? "It failed." : "They failed.",
                    "See the answer and try again.",
                    "/postings?state=FAILED"));
        }
        imports.leftOut()
                .ifPresent(left -> things.add(new StuckView(
                        left.workOrders() == 1
                                ? "One work order of " + left.fileName()
                                : left.workOrders() + " work orders of " + left.fileName(),
                        "A cell could not be read.",
                        "Correct it in the file and drop it again.",
                        "/jobs?report=newest")));
        return things;
    }
}
