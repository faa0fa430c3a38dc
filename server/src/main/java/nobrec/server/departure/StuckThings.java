package nobrec.server.departure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nobrec.server.departure.DepartureView.StuckView;
import nobrec.server.platform.PageAddress;
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

    private static StuckView stuck(String thing, String reason, String cure, String address) {
        return new StuckView(thing, reason, cure, address, Optional.empty());
    }

    List<StuckView> all() {
        List<StuckView> things = new ArrayList<>();
        for (WaitingShipments.Waiting each : waiting.all()) {
            things.add(new StuckView(
                    "Job " + each.job(),
                    each.reason(),
                    "It is asked again by itself, and shipped once only.",
                    PageAddress.bench(each.job()),
                    Optional.of(each.shipmentId())));
        }
        for (WaitingShipments.Following each : waiting.following()) {
            things.add(stuck(
                    "Job " + each.job() + ": " + each.what(),
                    each.reason(),
                    "It is tried again by itself.",
                    PageAddress.bench(each.job())));
        }
        int unanswered = postings.unanswered();
        if (unanswered > 0) {
            things.add(stuck(
                    unanswered == 1 ? "One posting" : unanswered + " postings",
                    "There has been no answer for more than a minute.",
                    "It goes on by itself, in growing pauses.",
                    "/postings"));
        }
        int failed = postings.failed();
        if (failed > 0) {
            things.add(stuck(
                    failed == 1 ? "One posting" : failed + " postings",
                    failed == 1 ? "It failed." : "They failed.",
                    "See the answer and try again.",
                    "/postings?state=FAILED"));
        }
        imports.leftOut()
                .ifPresent(left -> things.add(stuck(
                        left.workOrders() == 1
                                ? "One work order of " + left.fileName()
                                : left.workOrders() + " work orders of " + left.fileName(),
                        "A cell could not be read.",
                        "Correct it in the file and drop it again.",
                        "/jobs?report=newest")));
        return things;
    }
}
