package nobrec.server.bench;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.security.Principal;
import nobrec.server.api.security.ForTheDesk;
import nobrec.server.booking.Bookings;
import nobrec.server.voiding.Voiding;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a carrier is asked of a shipment that was sent to it. */
@RestController
@RequestMapping("/api/v1/shipments")
@Tag(name = "bench")
class SentController {

    private final Bookings bookings;
    private final Voiding voiding;
    private final BenchViews views;

    SentController(Bookings bookings, Voiding voiding, BenchViews views) {
        this.bookings = bookings;
        this.voiding = voiding;
        this.views = views;
    }

    /** Asks the carrier now whether it has it, or has voided it, while its answer is waited for. */
    @PostMapping("/{id}/carrier-question")
    @ForTheDesk
    BenchView askCarrier(@PathVariable long id) {
        bookings.askNow(id);
        voiding.askNow(id);
        return views.of(id);
    }

    /** Voids what no driver has. While the carrier has not answered the bench says so, and the shipment counts. */
    @PostMapping("/{id}/void")
    @ForTheDesk
    BenchView makeVoid(@PathVariable long id, Principal who) {
        voiding.makeVoid(id, who.getName());
        return views.of(id);
    }

    /** Voids one package of several: the rest stays as it left, and the package stands on the bench of its job again. */
    @PostMapping("/{id}/packages/{number}/void")
    @ForTheDesk
    BenchView makePackageVoid(@PathVariable long id, @PathVariable int number, Principal who) {
        voiding.makePackageVoid(id, number, who.getName());
        return views.of(id);
    }
}
