package nobrec.server.bench;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.limit.Limits;
import nobrec.core.service.Accessorial;
import nobrec.core.shipment.Shipment;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.api.security.ForTheDesk;
import nobrec.server.booking.Shipping;
import nobrec.server.packing.CombiningActs;
import nobrec.server.packing.Opening;
import nobrec.server.packing.PackingActs;
import nobrec.server.pricing.QuoteAsking;
import nobrec.server.shipment.Shipments;
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
@RequestMapping("/api/v1/shipments")
@Tag(name = "bench")
class BenchController {

    private static final int LONGEST = Limits.TEXT;
    private static final int MAX = Limits.PIECES_OF_LINE;
    private static final int MAX_PACKAGES = Limits.PACKAGES_OF_SHIPMENT;

    /** Something typed or chosen, read by the rules of what it is for. */
    record TextEntry(@NotNull @Size(max = LONGEST) String text) {}

    /** @param sure confirms a weight that is far from what is expected */
    record WeightEntry(
            @NotNull @Size(max = Limits.FIGURE_TEXT) String text, Optional<Boolean> sure) {}

    /** Service and total as the person saw them when she decided. */
    record ShipOrder(
            @NotNull @Size(max = LONGEST) String service,
            @NotNull @Size(max = LONGEST) String total) {}

    /** Pieces of a line from one package to another; package zero stands for none. */
    record Move(
            @Min(1) long line,
            @Min(1) @Max(MAX) int quantity,
            @Min(0) @Max(MAX_PACKAGES) int from,
            @Min(0) @Max(MAX_PACKAGES) int to) {}

    record Pieces(@Min(1) long line, @Min(1) @Max(MAX) int quantity) {}

    record Merge(@Min(1) @Max(MAX_PACKAGES) int into) {}

    record Planning(boolean all) {}

    /** @param again whether those that gave no price are asked once more */
    record QuoteAgain(boolean again) {}

    record Accessorials(@NotNull @Size(max = 20) List<@NotNull Accessorial> accessorials) {}

    record ShipDay(@NotNull LocalDate day) {}

    record JobChoice(@NotNull @Size(max = LONGEST) String job) {}

    record TogetherAnswer(List<TogetherOffers.TogetherOffer> offers) {}

    record LaterAnswer(Optional<LaterOffers.LaterOffer> offer) {}

    record OnTimeAnswer(Optional<OnTimeOffers.OnTimeOffer> offer) {}

    record ShipToEntry(
            @NotNull @Size(max = LONGEST) String company,
            @NotNull @Size(max = LONGEST) String person,
            @NotNull @Size(max = LONGEST) String street,
            @NotNull @Size(max = LONGEST) String street2,
            @NotNull @Size(max = LONGEST) String city,
            @NotNull @Size(max = LONGEST) String state,
            @NotNull @Size(max = LONGEST) String postalCode,
            @NotNull @Size(max = LONGEST) String country,
            Optional<PlaceKind> kind) {}

    private final Shipments shipments;
    private final BenchActs acts;
    private final Opening opening;
    private final PackingActs packing;
    private final CombiningActs combining;
    private final Shipping shipping;
    private final BenchViews views;
    private final BenchLooks looks;
    private final OnTimeOffers onTimeOffers;

    private final TogetherOffers together;
    private final LaterOffers later;
    private final QuoteAsking quoteAsking;
    private final LearnedWeights learnedWeights;

    BenchController(
            LearnedWeights learnedWeights,
            TogetherOffers together,
            LaterOffers later,
            QuoteAsking quoteAsking,
            Shipments shipments,
            BenchActs acts,
            Opening opening,
            PackingActs packing,
            CombiningActs combining,
            Shipping shipping,
            BenchViews views,
            BenchLooks looks,
            OnTimeOffers onTimeOffers) {
        this.learnedWeights = learnedWeights;
        this.together = together;
        this.later = later;
        this.quoteAsking = quoteAsking;
        this.shipments = shipments;
        this.acts = acts;
        this.opening = opening;
        this.packing = packing;
        this.combining = combining;
        this.shipping = shipping;
        this.views = views;
        this.looks = looks;
        this.onTimeOffers = onTimeOffers;
    }

    /** Opens a job's shipment, or finds it when it is open already. */
    @PostMapping
    @ForTheDesk
    BenchView open(@Valid @RequestBody JobChoice choice, Principal who) {
        return views.of(opening.open(choice.job().strip(), who.getName()));
    }

    /** The shipment of a job, or how it would be packed if it were opened: looking leaves no trace. */
    @GetMapping
    @ForEveryone
    BenchView look(@RequestParam @Size(max = LONGEST) String job, Principal who) {
        return looks.look(job.strip(), who.getName());
    }

    /** Jobs that could go together with one, each with what that saves. Looking leaves no trace. */
    @GetMapping("/together")
    @ForTheDesk
    TogetherAnswer together(@RequestParam @Size(max = LONGEST) String job, Principal who) {
        return new TogetherAnswer(together.of(job.strip(), who.getName()));
    }

    /** A later day that keeps the promise and costs less; nothing where there is none. Looking leaves no trace. */
    @GetMapping("/later-offer")
    @ForTheDesk
    LaterAnswer laterOffer(@RequestParam @Size(max = LONGEST) String job, Principal who) {
        return new LaterAnswer(later.of(job.strip(), who.getName()));
    }

    /** What would bring a job there in time; no service when nothing would. Looking leaves no trace. */
    @GetMapping("/on-time-offer")
    @ForEveryone
    OnTimeAnswer onTimeOffer(@RequestParam @Size(max = LONGEST) String job, Principal who) {
        return new OnTimeAnswer(onTimeOffers.of(job.strip(), who.getName()));
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
            @PathVariable long id, @PathVariable int number, @Valid @RequestBody WeightEntry weight, Principal who) {
        acts.typeWeight(id, number, weight.text(), weight.sure().orElse(false), who.getName());
        return views.of(id);
    }

    /** Keeps what the weighed package says of one piece of the only item in it, from now on. */
    @PostMapping("/{id}/packages/{number}/item-weight")
    @ForTheDesk
    BenchView keepItemWeight(@PathVariable long id, @PathVariable int number, Principal who) {
        learnedWeights.keep(id, number, who.getName());
        return views.of(id);
    }

    @PostMapping("/{id}/packages/{number}/scale-reading")
    @ForTheDesk
    BenchView readScale(
            @PathVariable long id, @PathVariable int number, @Valid @RequestBody AtDesk desk, Principal who) {
        acts.readScale(id, number, desk.desk(), who.getName());
        return views.of(id);
    }

    @PutMapping("/{id}/packages/{number}/carton")
    @ForTheDesk
    BenchView changeCarton(
            @PathVariable long id, @PathVariable int number, @Valid @RequestBody TextEntry carton, Principal who) {
        packing.changeCarton(id, number, carton.text(), who.getName());
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
    BenchView correctPhone(@PathVariable long id, @Valid @RequestBody TextEntry phone, Principal who) {
        acts.correctPhone(id, phone.text(), who.getName());
        return views.of(id);
    }

    @PutMapping("/{id}/ship-to")
    @ForTheDesk
    BenchView correctShipTo(@PathVariable long id, @Valid @RequestBody ShipToEntry entry, Principal who) {
        acts.correctShipTo(
                id,
                new PostalAddress(
                        entry.company(),
                        entry.person(),
                        entry.street(),
                        entry.street2(),
                        entry.city(),
                        entry.state(),
                        entry.postalCode(),
                        entry.country()),
                entry.kind(),
                who.getName());
        return views.of(id);
    }

    @PutMapping("/{id}/account")
    @ForTheDesk
    BenchView correctAccount(@PathVariable long id, @Valid @RequestBody TextEntry account, Principal who) {
        acts.correctAccount(id, account.text(), who.getName());
        return views.of(id);
    }

    @PutMapping("/{id}/accessorials")
    @ForTheDesk
    BenchView chooseAccessorials(@PathVariable long id, @Valid @RequestBody Accessorials accessorials, Principal who) {
        acts.chooseAccessorials(id, Set.copyOf(accessorials.accessorials()), who.getName());
        return views.of(id);
    }

    @PutMapping("/{id}/ship-day")
    @ForTheDesk
    BenchView shipOn(@PathVariable long id, @Valid @RequestBody ShipDay day, Principal who) {
        acts.shipOn(id, day.day(), who.getName());
        return views.of(id);
    }

    @PutMapping("/{id}/site")
    @ForTheDesk
    BenchView leaveFrom(@PathVariable long id, @Valid @RequestBody TextEntry site, Principal who) {
        acts.leaveFrom(id, site.text(), who.getName());
        return views.of(id);
    }

    @PostMapping("/{id}/moves")
    @ForTheDesk
    BenchView move(@PathVariable long id, @Valid @RequestBody Move move, Principal who) {
        packing.move(id, move.line(), move.quantity(), move.from(), move.to(), who.getName());
        return views.of(id);
    }

    /** A new empty package in a carton. */
    @PostMapping("/{id}/packages")
    @ForTheDesk
    BenchView addPackage(@PathVariable long id, @Valid @RequestBody TextEntry carton, Principal who) {
        packing.add(id, carton.text(), who.getName());
        return views.of(id);
    }

    @PostMapping("/{id}/packages/{number}/repeat")
    @ForTheDesk
    BenchView repeat(@PathVariable long id, @PathVariable int number, Principal who) {
        packing.repeat(id, number, who.getName());
        return views.of(id);
    }

    @PostMapping("/{id}/packages/{number}/merge")
    @ForTheDesk
    BenchView merge(@PathVariable long id, @PathVariable int number, @Valid @RequestBody Merge merge, Principal who) {
        packing.merge(id, number, merge.into(), who.getName());
        return views.of(id);
    }

    /** Plans again what nobody placed by hand, or everything. */
    @PostMapping("/{id}/plan")
    @ForTheDesk
    BenchView planAgain(@PathVariable long id, @Valid @RequestBody Planning planning, Principal who) {
        packing.replan(id, planning.all(), who.getName());
        return views.of(id);
    }

    /** Another work order is combined with this one. */
    @PostMapping("/{id}/jobs")
    @ForTheDesk
    BenchView addJob(@PathVariable long id, @Valid @RequestBody JobChoice choice, Principal who) {
        combining.addJob(id, choice.job().strip(), who.getName());
        return views.of(id);
    }

    /** A job that was added goes for itself again. */
    @PostMapping("/{id}/jobs-out")
    @ForTheDesk
    BenchView takeOutJob(@PathVariable long id, @Valid @RequestBody JobChoice choice, Principal who) {
        combining.takeOutJob(id, choice.job().strip(), who.getName());
        return views.of(id);
    }

    /** Pieces that stayed here go after all. */
    @PostMapping("/{id}/taken-back")
    @ForTheDesk
    BenchView takeBack(@PathVariable long id, @Valid @RequestBody Pieces pieces, Principal who) {
        packing.takeBack(id, pieces.line(), pieces.quantity(), who.getName());
        return views.of(id);
    }

    /** Pieces stay here for another shipment. */
    @PostMapping("/{id}/left-behind")
    @ForTheDesk
    BenchView leaveBehind(@PathVariable long id, @Valid @RequestBody Pieces pieces, Principal who) {
        packing.leaveBehind(id, pieces.line(), pieces.quantity(), who.getName());
        return views.of(id);
    }

    /** Asks carriers that price themselves; their offers come in as they come. */
    @PostMapping("/{id}/carrier-quotes")
    @ForTheDesk
    BenchView askForQuotes(@PathVariable long id, @Valid @RequestBody QuoteAgain asked) {
        Shipment shipment = shipments.byId(id);
        quoteAsking.ask(shipment, shipments.jobs(shipment), asked.again());
        return views.of(id);
    }

    /** Ships, once. While the carrier has not answered the bench says so, and the shipment goes on by itself. */
    @PostMapping("/{id}/ship")
    @ForTheDesk
    BenchView ship(@PathVariable long id, @Valid @RequestBody ShipOrder order, Principal who) {
        return shipping.ship(id, new Shipping.Seen(order.service(), order.total()), who.getName())
                .map(gone -> views.of(gone.shipment(), gone.jobs()))
                .orElseGet(() -> views.of(id));
    }
}
