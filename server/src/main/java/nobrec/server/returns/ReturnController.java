package nobrec.server.returns;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Weight;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.Reading;
import nobrec.core.refusal.Refusal;
import nobrec.core.returns.Receipt;
import nobrec.core.returns.ReturnCondition;
import nobrec.core.returns.ReturnPayer;
import nobrec.core.returns.ReturnReason;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.api.figure.Amount;
import nobrec.server.api.list.Part;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.api.security.ForTheDesk;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.pricing.ReturnPricing;
import nobrec.server.shipment.Shipments;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What comes back from customers. */
@RestController
@RequestMapping("/api/v1/returns")
@Tag(name = "returns")
class ReturnController {

    record PiecesOfLine(
            @Min(1) @Max(Limits.LINES_OF_ORDER) int position,
            @Min(0) @Max(Limits.PIECES_OF_LINE) int quantity) {

        private NewReturns.Pieces pieces() {
            return new NewReturns.Pieces(position, quantity);
        }
    }

    /**
     * @param weight as typed; empty text for that with which the package left
     * @param seenCost what was seen of the price
     * @param lines empty for all that is neither back nor awaited
     */
    record LabelWish(
            @Min(1) long shipment,
            @Min(1) @Max(Limits.PACKAGES_OF_SHIPMENT) int packageNumber,
            @NotNull @Size(max = Limits.FIGURE_TEXT) String weight,
            @NotNull ReturnReason reason,
            @NotNull @Size(max = Limits.TEXT) String note,
            @NotNull ReturnPayer payer,
            @NotNull @Size(max = Limits.CODE) String service,
            @NotNull @Size(max = Limits.FIGURE_TEXT) String seenCost,
            @NotNull LocalDate validUntil,

            @NotNull @Size(max = Limits.LINES_OF_ORDER) List<@NotNull @Valid PiecesOfLine> lines) {}

    /** @param lines empty for all that is neither back nor awaited */
    record WithoutLabel(
            @Min(1) long shipment,
            @NotNull ReturnReason reason,
            @NotNull @Size(max = Limits.TEXT) String note,

            @NotNull @Size(max = Limits.LINES_OF_ORDER) List<@NotNull @Valid PiecesOfLine> lines) {}

    record CameOfLine(
            @Min(1) @Max(Limits.LINES_OF_ORDER) int position,
            @Min(0) @Max(Limits.PIECES_OF_LINE) int quantity,
            @NotNull ReturnCondition condition) {

        private Receipt.Came came() {
            return new Receipt.Came(position, quantity, condition);
        }
    }

    record Came(
            @NotNull @NotEmpty @Size(max = Limits.LINES_OF_ORDER)
            List<@NotNull @Valid CameOfLine> lines) {}

    /** What was scanned, as it was. */
    record Scanned(@NotNull @Size(max = Limits.TEXT) String text) {}

    private final Returns returns;
    private final NewReturns newReturns;
    private final ReturnViews views;
    private final ReturnScans scans;
    private final Shipments shipments;
    private final NobrecSettings settings;

    ReturnController(
            Returns returns,
            NewReturns newReturns,
            ReturnViews views,
            ReturnScans scans,
            Shipments shipments,
            NobrecSettings settings) {
        this.returns = returns;
        this.newReturns = newReturns;
        this.views = views;
        this.scans = scans;
        this.shipments = shipments;
        this.settings = settings;
    }

    /** The newest first, with how many there are of each kind. */
    @GetMapping
    @ForEveryone
    ReturnView.ReturnList look(@RequestParam ReturnLook look, @ParameterObject @Valid Part part) {
        return views.look(look, part);
    }

    /** Those of a job. */
    @GetMapping("/of-job")
    @ForEveryone
    List<ReturnView> ofJob(@RequestParam @Size(max = Limits.TEXT) String job) {
        return views.ofJob(job);
    }

    @GetMapping("/{id}")
    @ForEveryone
    ReturnView one(@PathVariable long id) {
        return views.one(id);
    }

    /** What of a shipment that has left can come back. */
    @GetMapping("/returnable")
    @ForTheDesk
    ReturnView.ReturnableView returnable(@RequestParam long shipment) {
        return newReturns.returnable(shipment);
    }

    /** Services that can carry a package of a shipment back, the cheapest first. */
    @GetMapping("/offers")
    @ForTheDesk
    List<ReturnView.OfferView> offers(
            @RequestParam long shipment,
            @RequestParam @Min(1) @Max(Limits.PACKAGES_OF_SHIPMENT) int packageNumber,
            @RequestParam @Size(max = Limits.FIGURE_TEXT) String weight,
            @RequestParam ReturnPayer payer) {
        return newReturns.offers(shipment, packageNumber, weight(weight), payer).stream()
                .map(ReturnController::offer)
                .toList();
    }

    private static ReturnView.OfferView offer(ReturnPricing.WayBackOffer each) {
        return new ReturnView.OfferView(
                each.offer().service().code(),
                each.offer().service().name(),
                Amount.of(each.cost()),
                ReturnViews.ifSeen(each.customerPays()),
                each.offer().delivery());
    }

    private Optional<Weight> weight(String text) {
        if (text.isBlank()) {
            return Optional.empty();
        }
        Reading<Weight> reading = MeasureText.readWeight(text, settings.units(), settings.decimals());
        if (reading instanceof Reading.Refused<Weight> refused) {
            throw Refusal.unusable("The weight", refused.reason(), refused.remedy());
        }
        return reading.found();
    }

    /** Asks the carrier for a label for the way back. */
    @PostMapping
    @ForTheDesk
    ReturnView askForLabel(@Valid @RequestBody LabelWish wish, Principal who) {
        long id = newReturns.askForLabel(
                wish.shipment(),
                new NewReturn.Terms(
                        job(wish.shipment()).number(),
                        job(wish.shipment()).customer(),
                        wish.reason(),
                        wish.note().strip(),
                        wish.payer(),
                        wish.validUntil()),
                wish.lines().stream().map(PiecesOfLine::pieces).toList(),
                new NewReturns.WantedLabel(
                        wish.packageNumber(), weight(wish.weight()), wish.service(), wish.seenCost()),
                who.getName());
        return views.one(id);
    }

    private WorkOrder job(long shipment) {
        return shipments.jobs(shipments.byId(shipment)).leading();
    }

    /** Notes that something comes back without a label of ours. */
    @PostMapping("/without-label")
    @ForTheDesk
    ReturnView awaitWithoutLabel(@Valid @RequestBody WithoutLabel wish, Principal who) {
        long id = newReturns.awaitWithoutLabel(
                wish.shipment(),
                new NewReturn.Terms(
                        job(wish.shipment()).number(),
                        job(wish.shipment()).customer(),
                        wish.reason(),
                        wish.note().strip(),
                        ReturnPayer.SHOP,
                        newReturns.dueWithoutLabel()),
                wish.lines().stream().map(PiecesOfLine::pieces).toList(),
                who.getName());
        return views.one(id);
    }

    /** Its label, the label with which it left, or its job's number: what comes back by it. */
    @PostMapping("/scans")
    @ForTheDesk
    ReturnScans.Found scan(@Valid @RequestBody Scanned scanned) {
        return scans.find(scanned.text());
    }

    @PostMapping("/{id}/on-the-way")
    @ForTheDesk
    ReturnView isOnTheWay(@PathVariable long id, Principal who) {
        returns.isOnTheWay(id, who.getName());
        return views.one(id);
    }

    /** Keeps that the customer was asked where it stays. */
    @PostMapping("/{id}/reminders")
    @ForTheDesk
    ReturnView remind(@PathVariable long id, Principal who) {
        returns.remind(id, who.getName());
        return views.one(id);
    }

    @PostMapping("/{id}/call-off")
    @ForTheDesk
    ReturnView callOff(@PathVariable long id, Principal who) {
        returns.callOff(id, who.getName());
        return views.one(id);
    }

    /** What came, and in which state. */
    @PostMapping("/{id}/receipt")
    @ForTheDesk
    ReturnView receive(@PathVariable long id, @Valid @RequestBody Came came, Principal who) {
        returns.receive(id, came.lines().stream().map(CameOfLine::came).toList(), who.getName());
        return views.one(id);
    }

    /** What received returns cost, by customer and reason. */
    @GetMapping("/costs")
    @ForAllButPackers
    ReturnView.CostList costs(@RequestParam LocalDate from, @RequestParam LocalDate until) {
        if (!Limits.holdsDay(from) || !Limits.holdsDay(until) || from.isAfter(until)) {
            throw Refusal.unusable("The days", "They are no span of time.", "Choose a first and a last day.");
        }
        return views.costs(from, until);
    }
}
