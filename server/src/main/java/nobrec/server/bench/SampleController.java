package nobrec.server.bench;

import io.swagger.v3.oas.annotations.tags.Tag;
import nobrec.core.rating.Offer;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.server.api.PdfAnswer;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.document.ShipmentPapers;
import nobrec.server.pricing.Assessor;
import nobrec.server.shipment.Shipments;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Papers of a package that nothing is kept of: a label that does not count, and the list for its side. */
@RestController
@Tag(name = "bench")
class SampleController {

    private final Shipments shipments;
    private final Assessor assessor;
    private final ShipmentPapers papers;

    SampleController(Shipments shipments, Assessor assessor, ShipmentPapers papers) {
        this.shipments = shipments;
        this.assessor = assessor;
        this.papers = papers;
    }

    /** The label of a package that has not left, marked across; no carrier hears of it, and nothing is kept. */
    @GetMapping(
            path = "/api/v1/shipments/{id}/packages/{number}/sample-label",
            produces = MediaType.APPLICATION_PDF_VALUE)
    @ForEveryone
    ResponseEntity<byte[]> sample(@PathVariable long id, @PathVariable int number) {
        Shipment shipment = shipments.byId(id);
        shipment.requireOpen();
        Shipment.Package packed = shipment.packageNumbered(number);
        Jobs jobs = shipments.jobs(shipment);
        Offer offer = assessor.assess(shipment, jobs)
                .chosenOffer()
                .orElseThrow(() ->
                        Refusal.unusable("A sample label", "No service is chosen for it.", "Choose one on the Bench."));
        return PdfAnswer.of("sample-label", papers.sample(shipment, packed, jobs, offer.service(), offer.departure()));
    }

    /** What is in a package, to be put on its side, whether it has left or not. */
    @GetMapping(
            path = "/api/v1/shipments/{id}/packages/{number}/packing-list",
            produces = MediaType.APPLICATION_PDF_VALUE)
    @ForEveryone
    ResponseEntity<byte[]> packingList(@PathVariable long id, @PathVariable int number) {
        Shipment shipment = shipments.byId(id);
        return PdfAnswer.of("packing-list", papers.onBox(shipment, number, shipments.jobs(shipment)));
    }
}
