package nobrec.server.bench;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.security.Principal;
import nobrec.server.api.security.ForTheDesk;
import nobrec.server.voiding.Voiding;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Making a shipment void that has not been handed over. */
@RestController
@RequestMapping("/api/v1/shipments")
@Tag(name = "bench")
class VoidController {

    private final Voiding voiding;
    private final BenchViews views;

    VoidController(Voiding voiding, BenchViews views) {
        this.voiding = voiding;
        this.views = views;
    }

    /** While the carrier has not answered the bench says so, and the shipment counts. */
    @PostMapping("/{id}/void")
    @ForTheDesk
    BenchView makeVoid(@PathVariable long id, Principal who) {
        voiding.makeVoid(id, who.getName());
        return views.of(id);
    }

    /** Asks the carrier now, whenever its time would come. */
    @PostMapping("/{id}/void/another-question")
    @ForTheDesk
    BenchView askNow(@PathVariable long id) {
        voiding.askNow(id);
        return views.of(id);
    }
}
