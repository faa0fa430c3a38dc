package nobrec.server.returns;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.measure.Weight;
import nobrec.core.notation.MeasureText;
import nobrec.core.rating.Offer;
import nobrec.core.refusal.Refusal;
import nobrec.core.returns.ReturnPayer;
import nobrec.core.returns.ReturnState;
import nobrec.core.service.Service;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.pricing.ReturnPricing;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import nobrec.server.voiding.Voiding;
import org.springframework.transaction.support.TransactionOperations;

/** Asks for what is to come back, with a label of ours or without: no more than left, once. */
@org.springframework.stereotype.Service
class NewReturns {

    private static final int LONGEST_VALID_DAYS = 180;
    private static final int DAYS_WITHOUT_LABEL = 30;
    private static final List<ReturnState> NEVER_CAME = List.of(ReturnState.REFUSED, ReturnState.CALLED_OFF);

    /** Pieces of a line of the job, by its position. */
    record Pieces(int position, int quantity) {}

    /** A label that is asked for; what the person saw of its price. */
    record WantedLabel(int packageNumber, Optional<Weight> weight, String service, String seenCost) {}

    private final ReturnMapper mapper;
    private final ReturnLabels labels;
    private final ReturnPricing pricing;
    private final Voiding voiding;
    private final Shipments shipments;
    private final Sites sites;
    private final AuditLog auditLog;
    private final ShopMoney money;
    private final NobrecSettings settings;
    private final TransactionOperations transactions;
    private final Clock clock;

    NewReturns(
            ReturnMapper mapper,
            ReturnLabels labels,
            ReturnPricing pricing,
            Voiding voiding,
            Shipments shipments,
            Sites sites,
            AuditLog auditLog,
            ShopMoney money,
            NobrecSettings settings,
            TransactionOperations transactions,
            Clock clock) {
        this.mapper = mapper;
        this.labels = labels;
        this.pricing = pricing;
        this.voiding = voiding;
        this.shipments = shipments;
        this.sites = sites;
        this.auditLog = auditLog;
        this.money = money;
        this.settings = settings;
        this.transactions = transactions;
        this.clock = clock;
    }

    ReturnView.ReturnableView returnable(long shipmentId) {
        Shipment shipment = gone(shipments.byId(shipmentId));
        Jobs jobs = shipments.jobs(shipment);
        Map<Long, Integer> open = open(shipment);
        List<ReturnView.ReturnableLine> lines = new ArrayList<>();
        for (Shipment.Line going : shipment.lines()) {
            WorkOrder.Line line = jobs.line(going.workOrderLineId());
            lines.add(new ReturnView.ReturnableLine(
                    lines.size() + 1,
                    line.item(),
                    line.description(),
                    going.quantity(),
                    Math.max(0, open.getOrDefault(line.id(), 0))));
        }
        return new ReturnView.ReturnableView(
                shipmentId,
                lines,
                shipment.packages().stream()
                        .map(each -> new ReturnView.ReturnablePackage(
                                each.number(),
                                each.cartonCode(),
                                MeasureText.show(each.size(), settings.units()),
                                MeasureText.show(weightOf(each), settings.units())))
                        .toList(),
                dueWithoutLabel());
    }

    /** Services that can carry a package of a shipment back. */
    List<ReturnPricing.WayBackOffer> offers(
            long shipmentId, int packageNumber, Optional<Weight> weight, ReturnPayer payer) {
        Shipment shipment = gone(shipments.byId(shipmentId));
        return offers(shipment, shipments.jobs(shipment), packageNumber, weight, payer);
    }

    private List<ReturnPricing.WayBackOffer> offers(
            Shipment shipment, Jobs jobs, int packageNumber, Optional<Weight> weight, ReturnPayer payer) {
        Shipment.Package packed = packed(shipment, packageNumber);
        return pricing.offers(shipment, jobs, packed, weight.orElseGet(() -> weightOf(packed)), payer);
    }

    /** Locked, so that no void begins meanwhile. */
    private Shipment goneForGood(long shipmentId) {
        Shipment shipment = gone(shipments.locked(shipmentId));
        if (voiding.isAsked(shipmentId)) {
            throw Refusal.conflict("A return", "Its carrier is asked to void it.", "Wait for what comes of that.");
        }
        return shipment;
    }

    private static Shipment gone(Shipment shipment) {
        if (shipment.state() != ShipmentState.SHIPPED) {
            throw Refusal.conflict("A return", "Nothing has left yet that could come back.", "Ship it first.");
        }
        return shipment;
    }

    private static Shipment.Package packed(Shipment shipment, int number) {
        return shipment.packages().stream()
                .filter(each -> each.number() == number)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Package " + number, "Choose one that has left."));
    }

    private static Weight weightOf(Shipment.Package packed) {
        return packed.weight().or(packed::expectedWeight).orElseThrow();
    }

    /**
     * Asks the carrier for a label; while it has not answered for certain the return stands as asked for.
     *
     * @return id of the return
     * @throws Refusal when it cannot come back, costs something else than was seen, or the carrier refuses
     */
    long askForLabel(long shipmentId, NewReturn.Terms terms, List<Pieces> pieces, WantedLabel wanted, String signIn) {
        requireValid(terms.due());
        OutboxEntry entry = transactions.execute(status -> {
            Shipment shipment = goneForGood(shipmentId);
            Jobs jobs = shipments.jobs(shipment);
            ReturnPricing.WayBackOffer chosen = chosen(shipment, jobs, terms.payer(), wanted);
            Service service = chosen.offer().service();
            labels.requireConnected(service);
            Shipment.Package packed = packed(shipment, wanted.packageNumber());
            Weight weight = wanted.weight().orElseGet(() -> weightOf(packed));
            long id = keep(
                    shipment,
                    jobs,
                    new NewReturn(
                            shipment,
                            terms,
                            new NewReturn.Label(
                                    service.carrier().code(),
                                    service.code(),
                                    weight,
                                    chosen.cost(),
                                    chosen.customerPays()),
                            money.zero(),
                            signIn,
                            clock.instant()),
                    pieces);
            auditLog.write(
                    signIn,
                    "asked for a return label",
                    "Job " + jobs.leading().number(),
                    service.name() + ", " + ShopMoney.show(chosen.cost()));
            return labels.askFor(id, shipment, jobs.leading(), service, weight, packed.size());
        });
        labels.attemptAloud(entry);
        return entry.subjectId();
    }

    private void requireValid(LocalDate until) {
        LocalDate today = sites.today();
        if (until.isBefore(today) || until.isAfter(today.plusDays(LONGEST_VALID_DAYS))) {
            throw Refusal.unusable(
                    "The day until when it is valid",
                    "A label is valid from today to " + LONGEST_VALID_DAYS + " days from now.",
                    "Choose a day between.");
        }
    }

    private ReturnPricing.WayBackOffer chosen(Shipment shipment, Jobs jobs, ReturnPayer payer, WantedLabel wanted) {
        ReturnPricing.WayBackOffer chosen =
                offers(shipment, jobs, wanted.packageNumber(), wanted.weight(), payer).stream()
                        .filter(each -> each.offer().service().code().equals(wanted.service()))
                        .findFirst()
                        .orElseThrow(() -> Refusal.unusable(
                                "The way back", "This service cannot carry it.", "Choose another one."));
        String cost = ShopMoney.show(chosen.cost());
        if (!cost.equals(wanted.seenCost())) {
            Offer offer = chosen.offer();
            throw Refusal.changedSince(
                    "The way back",
                    offer.service().name() + " asks " + cost + " now, not " + wanted.seenCost() + " as you saw it.",
                    "Look at the price again, then ask for the label.");
        }
        return chosen;
    }

    /** Something that comes without a label of ours: by the customer's own, or because it could not be delivered. */
    long awaitWithoutLabel(long shipmentId, NewReturn.Terms terms, List<Pieces> pieces, String signIn) {
        return transactions.execute(status -> {
            Shipment shipment = goneForGood(shipmentId);
            Jobs jobs = shipments.jobs(shipment);
            auditLog.write(
                    signIn,
                    "noted a return",
                    "Job " + jobs.leading().number(),
                    terms.reason().words());
            return keep(
                    shipment,
                    jobs,
                    new NewReturn(shipment, terms, null, money.zero(), signIn, clock.instant()),
                    pieces);
        });
    }

    LocalDate dueWithoutLabel() {
        return sites.today().plusDays(DAYS_WITHOUT_LABEL);
    }

    private long keep(Shipment shipment, Jobs jobs, NewReturn fresh, List<Pieces> pieces) {
        List<ReturnLineRow> lines = lines(shipment, jobs, pieces);
        mapper.insert(fresh);
        mapper.insertLines(lines.stream()
                .map(line -> new ReturnLineRow(
                        fresh.getId(),
                        line.position(),
                        line.workOrderLineId(),
                        line.item(),
                        line.quantity(),
                        null,
                        null))
                .toList());
        return fresh.getId();
    }

    /** Pieces of its lines that are neither back nor awaited. */
    private Map<Long, Integer> open(Shipment shipment) {
        Map<Long, Integer> left = new HashMap<>();
        shipment.lines().forEach(line -> left.merge(line.workOrderLineId(), line.quantity(), Integer::sum));
        mapper.awaited(shipment.id(), NEVER_CAME)
                .forEach(each -> left.merge(each.workOrderLineId(), -each.pieces(), Integer::sum));
        return left;
    }

    /** What is asked for, which is no more than left and has not been asked for before; all of it where nothing is said. */
    private List<ReturnLineRow> lines(Shipment shipment, Jobs jobs, List<Pieces> pieces) {
        Map<Long, Integer> left = open(shipment);
        Map<Integer, Integer> asked = pieces.stream()
                .filter(each -> each.quantity() > 0)
                .collect(Collectors.toMap(Pieces::position, Pieces::quantity, Integer::sum));
        List<ReturnLineRow> lines = new ArrayList<>();
        int position = 0;
        for (Shipment.Line going : shipment.lines()) {
            position++;
            WorkOrder.Line line = jobs.line(going.workOrderLineId());
            int open = left.getOrDefault(line.id(), 0);
            int quantity = pieces.isEmpty() ? Math.max(open, 0) : asked.getOrDefault(position, 0);
            asked.remove(position);
            if (quantity > open) {
                throw Refusal.conflict(
                        line.item(),
                        quantity + " pieces cannot come back: of " + going.quantity() + " that left, " + open
                                + " are neither back nor awaited.",
                        "Ask for fewer, or look at the returns there are.");
            }
            if (quantity > 0) {
                lines.add(new ReturnLineRow(0, position, line.id(), line.item(), quantity, null, null));
            }
        }
        if (!asked.isEmpty()) {
            throw Refusal.unusable(
                    "Line " + asked.keySet().iterator().next(), "The shipment has no such line.", "Reload the page.");
        }
        if (lines.isEmpty()) {
            throw Refusal.unusable("The return", "Nothing would come back by it.", "Say how many pieces come.");
        }
        return lines;
    }
}
