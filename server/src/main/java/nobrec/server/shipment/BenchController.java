package nobrec.server.shipment;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import nobrec.core.address.PostalAddress;
import nobrec.server.platform.security.ForEveryone;
import nobrec.server.platform.security.ForTheDesk;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** One shipment on the bench. Every act answers with the whole bench as it is then. */
@RestController
@RequestMapping("/api/shipments")
@Tag(name = "bench")
class BenchController {

    private static final int LONGEST = 120;

    /** Something typed or chosen, read by the rules of what it is for. */
    record TextEntry(@NotNull @Size(max = LONGEST) String text) {}

    /** Service and total as the person saw them when she decided. */
    record ShipOrder(
            @NotNull @Size(max = LONGEST) String service,
            @NotNull @Size(max = LONGEST) String total) {}

    record JobChoice(@NotNull @Size(max = LONGEST) String job) {}

    record ShipToEntry(
            @NotNull @Size(max = LONGEST) String company,
            @NotNull @Size(max = LONGEST) String person,
            @NotNull @Size(max = LONGEST) String street,
            @NotNull @Size(max = LONGEST) String street2,
            @NotNull @Size(max = LONGEST) String town,
            @NotNull @Size(max = LONGEST) String state,
            @NotNull @Size(max = LONGEST) String postalCode) {}

    private static final String HOME_COUNTRY = "US";

    private final Shipments shipments;
    private final BenchActs acts;
    private final Shipping shipping;
    private final BenchViews views;

    BenchController(Shipments shipments, BenchActs acts, Shipping shipping, BenchViews views) {
        this.shipments = shipments;
        this.acts = acts;
        this.shipping = shipping;
        this.views = views;
    }

    /** Opens a job's shipment, or finds it when it is open already. */
    @PostMapping
    @ForTheDesk
    BenchView open(@Valid @RequestBody JobChoice choice, Principal who) {
        return views.of(shipments.open(choice.job().strip(), who.getName()));
    }

    /** The shipment of a job, if it was opened. */
    @GetMapping
    @ForEveryone
    BenchView look(@RequestParam String job) {
        return views.of(shipments.ofJob(job));
    }

    /** What the bench would show with that weight, which is not kept. */
    @PostMapping("/{id}/packages/{number}/weight-preview")
    @ForTheDesk
    BenchView previewWeight(@PathVariable long id, @PathVariable int number, @Valid @RequestBody TextEntry weight) {
        return views.of(acts.withWeight(id, number, weight.text()));
    }

    @PutMapping("/{id}/packages/{number}/weight")
    @ForTheDesk
    BenchView typeWeight(
            @PathVariable long id, @PathVariable int number, @Valid @RequestBody TextEntry weight, Principal who) {
        acts.typeWeight(id, number, weight.text(), who.getName());
        return views.of(id);
    }

    @PostMapping("/{id}/packages/{number}/scale-reading")
    @ForTheDesk
    BenchView readScale(@PathVariable long id, @PathVariable int number, Principal who) {
        acts.readScale(id, number, who.getName());
        return views.of(id);
    }

    @PutMapping("/{id}/packages/{number}/carton")
    @ForTheDesk
    BenchView changeCarton(
            @PathVariable long id, @PathVariable int number, @Valid @RequestBody TextEntry carton, Principal who) {
        acts.changeCarton(id, number, carton.text(), who.getName());
        return views.of(id);
    }

    @PutMapping("/{id}/packages/{number}/size")
    @ForTheDesk
    BenchView typeSize(
            @PathVariable long id, @PathVariable int number, @Valid @RequestBody TextEntry size, Principal who) {
        acts.typeSize(id, number, size.text(), who.getName());
        return views.of(id);
    }

    @PutMapping("/{id}/service")
    @ForTheDesk
    BenchView chooseService(@PathVariable long id, @Valid @RequestBody TextEntry service, Principal who) {
        acts.chooseService(id, service.text(), who.getName());
        return views.of(id);
    }

    @PutMapping("/{id}/phone")
    @ForTheDesk
    BenchView mendPhone(@PathVariable long id, @Valid @RequestBody TextEntry phone, Principal who) {
        acts.mendPhone(id, phone.text(), who.getName());
        return views.of(id);
    }

    @PutMapping("/{id}/ship-to")
    @ForTheDesk
    BenchView mendShipTo(@PathVariable long id, @Valid @RequestBody ShipToEntry entry, Principal who) {
        acts.mendShipTo(
                id,
                new PostalAddress(
                        entry.company(),
                        entry.person(),
                        entry.street(),
                        entry.street2(),
                        entry.town(),
                        entry.state(),
                        entry.postalCode(),
                        HOME_COUNTRY),
                who.getName());
        return views.of(id);
    }

    /** Ships, once. While the carrier has not answered the bench says so, and the shipment goes on by itself. */
    @PostMapping("/{id}/ship")
    @ForTheDesk
    BenchView ship(@PathVariable long id, @Valid @RequestBody ShipOrder order, Principal who) {
        shipping.ship(id, new Shipping.Seen(order.service(), order.total()), who.getName());
        return views.of(id);
    }
}
