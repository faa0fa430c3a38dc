package nobrec.server.find;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.constraints.Size;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nobrec.core.identifier.TrackingText;
import nobrec.core.limit.Limits;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.api.PageAddress;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.returns.ReturnsOfShipments;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.WorkOrders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The one field that understands whatever is scanned or typed. */
@RestController
@Tag(name = "find")
class FindController {

    /**
     * @param address where in the application it is; none when nothing is exactly that
     * @param said what was found, in words
     */
    record Found(Optional<String> address, String said) {}

    private static final Map<String, String> SECTIONS = Map.ofEntries(
            Map.entry("departures", "/departures"),
            Map.entry("jobs", "/jobs"),
            Map.entry("needs attention", "/jobs/attention"),
            Map.entry("new job", "/jobs/new"),
            Map.entry("bench", "/bench"),
            Map.entry("handover", "/handover"),
            Map.entry("runs", "/jobs/runs"),
            Map.entry("returns", "/jobs/returns"),
            Map.entry("scan to ship", "/bench/scan"),
            Map.entry("postings", "/postings"),
            Map.entry("rates", "/rates"),
            Map.entry("sources", "/sources"),
            Map.entry("wordbook", "/sources/wordbook"),
            Map.entry("places", "/places"),
            Map.entry("items", "/items"),
            Map.entry("rules", "/rules"),
            Map.entry("connections", "/connections"));

    private final WorkOrders workOrders;
    private final Shipments shipments;
    private final ReturnsOfShipments returns;

    FindController(WorkOrders workOrders, Shipments shipments, ReturnsOfShipments returns) {
        this.workOrders = workOrders;
        this.shipments = shipments;
        this.returns = returns;
    }

    /** A section's name, the number of a work order, of its customer's purchase order, or of a package; anything else is looked for among the jobs. */
    @GetMapping("/api/v1/find")
    @ForEveryone
    Found find(@RequestParam @Size(max = Limits.TEXT) String text) {
        String plain = text.strip();
        String section = SECTIONS.get(plain.toLowerCase(Locale.ROOT));
        if (section != null) {
            return new Found(Optional.of(section), plain);
        }
        String tracking = TrackingText.plain(plain);
        Optional<String> job = workOrders
                .find(plain)
                .map(WorkOrder::number)
                .or(() -> workOrders.numberLike(plain))
                .or(() -> shipments
                        .workOrderOfTrackingNumber(tracking)
                        .map(id -> workOrders.byId(id).number()));
        Optional<String> voided = job.isPresent()
                ? Optional.empty()
                : shipments
                        .workOrderOfVoidedNumber(tracking)
                        .map(id -> workOrders.byId(id).number());
        Optional<ReturnsOfShipments.Labeled> back =
                job.isPresent() || voided.isPresent() ? Optional.empty() : returns.byTrackingNumber(tracking);
        if (back.isPresent()) {
            return new Found(
                    Optional.of(PageAddress.returnOf(back.get().id())),
                    "Return of job " + back.get().job() + ".");
        }
        if (voided.isPresent()) {
            return new Found(
                    Optional.of(PageAddress.bench(voided.get())),
                    "Label " + tracking + " is void. It was of job " + voided.get() + ".");
        }
        return job.map(each -> new Found(Optional.of(PageAddress.bench(each)), "Job " + each))
                .orElseGet(() -> new Found(Optional.empty(), "Nothing is exactly “" + plain + "”."));
    }
}
