package nobrec.server.bench;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.shipment.Shipment;
import nobrec.server.api.PageAddress;
import nobrec.server.api.security.ForTheDesk;
import nobrec.server.device.Desk;
import nobrec.server.document.Papers;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.shipment.Shipments;
import nobrec.server.workorder.WorkOrders;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Shipping by the scan of a slip. */
@RestController
@Tag(name = "bench")
class ScanController {

    /**
     * What was scanned, as it was.
     *
     * @param scale code of the desk's scale; empty text for the shop's usual one
     * @param frame code of the desk's measuring frame; empty text where there is none
     */
    record Slip(
            @NotNull @Size(max = Limits.TEXT) String text,
            @NotNull @Size(max = Limits.CODE) String scale,
            @NotNull @Size(max = Limits.CODE) String frame) {

        private Desk desk() {
            return new Desk(
                    Optional.of(scale).filter(code -> !code.isBlank()),
                    Optional.of(frame).filter(code -> !code.isBlank()));
        }
    }

    /**
     * @param job number of the job; empty text where none was found
     * @param address where in the application it can be looked at; empty text where no job was found
     * @param papers addresses of its label and slip
     */
    record ScanView(
            ScanToShip.Outcome outcome,
            String job,
            String said,
            String remedy,
            List<String> trackingNumbers,
            String address,
            List<String> papers) {}

    private final ScanToShip scans;
    private final Shipments shipments;
    private final WorkOrders workOrders;
    private final Papers papers;

    ScanController(ScanToShip scans, Shipments shipments, WorkOrders workOrders, Papers papers) {
        this.scans = scans;
        this.shipments = shipments;
        this.workOrders = workOrders;
        this.papers = papers;
    }

    /** Ships the job at once where nothing is amiss; else says what is. */
    @PostMapping("/api/v1/scans-to-ship")
    @ForTheDesk
    ScanView scan(@Valid @RequestBody Slip slip, Principal who) {
        ScanToShip.Result result = scans.scan(slip.text(), slip.desk(), who.getName());
        return new ScanView(
                result.outcome(),
                result.job(),
                result.said(),
                result.remedy(),
                result.trackingNumbers(),
                result.job().isEmpty() ? "" : PageAddress.bench(result.job()),
                result.job().isEmpty() ? List.of() : papersOf(result.job()));
    }

    private List<String> papersOf(String job) {
        return shipments.there(workOrders.byNumber(job)).map(Shipment::id).stream()
                .flatMap(id -> papers.of(Subject.Kind.SHIPMENT, id).stream())
                .map(paper -> "/api/v1/papers/" + paper.id())
                .toList();
    }
}
