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
import nobrec.core.returns.Receipt;
import nobrec.core.returns.ReturnPayer;
import nobrec.core.returns.ReturnState;
import nobrec.core.service.Service;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.pricing.ReturnPricing;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import nobrec.server.voiding.Voiding;
import nobrec.server.workorder.WorkOrders;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.transaction.support.TransactionOperations;

/** What is done about returns: awaited with or without a label of ours, said to be on its way, reminded of, called off, received. */
@org.springframework.stereotype.Service
class Returns {

    private static final int LONGEST_VALID_DAYS = 180;
    private static final int DAYS_WITHOUT_LABEL = 30;
    private static final int SPARE_DAYS = 5;
    private static final int LONGEST_CAME = 1_000;
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
    private final WorkOrders workOrders;
    private final ServiceCatalog catalog;
    private final Sites sites;
    private final AuditLog auditLog;
    private final ShopMoney money;
    private final NobrecSettings settings;
    private final TransactionOperations transactions;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Returns(
            ReturnMapper mapper,
            ReturnLabels labels,
            ReturnPricing pricing,
            Voiding voiding,
            Shipments shipments,
            WorkOrders workOrders,
            ServiceCatalog catalog,
            Sites sites,
            AuditLog auditLog,
            ShopMoney money,
            NobrecSettings settings,
            TransactionOperations transactions,
            ApplicationEventPublisher events,
            Clock clock) {
        this.mapper = mapper;
        this.labels = labels;
        this.pricing = pricing;
        this.voiding = voiding;
        this.shipments = shipments;
        this.workOrders = workOrders;
        this.catalog = catalog;
        this.sites = sites;
        this.auditLog = auditLog;
        this.money = money;
        this.settings = settings;
        this.transactions = transactions;
        this.events = events;
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

    /** The customer says that it was sent; it is due when its service should have brought it. */
    void isOnTheWay(long id, String signIn) {
        act(id, signIn, "noted a return as on its way", row -> {
            requireState(row, row.state() == ReturnState.EXPECTED);
            LocalDate due = sites.calendar(row.siteId()).after(sites.today(), transitDays(row));
            mapper.move(id, ReturnState.EXPECTED, ReturnState.ON_THE_WAY, due, "");
        });
    }

    /** As many working days as the way there took, and a week for whatever happens. */
    private int transitDays(ReturnRow row) {
        return shipments
                .byId(row.shipmentId())
                .outcome()
                .map(there -> sites.calendar(row.siteId()).between(there.shipDate(), there.deliveryDate()))
                .map(days -> Math.max(days, 0) + SPARE_DAYS)
                .orElse(SPARE_DAYS);
    }

    /** Somebody asked the customer where it stays. */
    void remind(long id, String signIn) {
        act(id, signIn, "reminded of a return", row -> {
            requireState(row, row.state().isAwaited());
            mapper.remind(id, clock.instant());
        });
    }

    private interface Act {
        void on(ReturnRow row);
    }

    private void act(long id, String signIn, String words, Act act) {
        transactions.executeWithoutResult(status -> {
            ReturnRow row = locked(id);
            act.on(row);
            auditLog.write(signIn, words, "Job " + row.job(), "Return " + id);
        });
    }

    private ReturnRow locked(long id) {
        return mapper.byIdLocked(id).orElseThrow(() -> unknown(id));
    }

    static Refusal unknown(long id) {
        return Refusal.notFound("Return " + id, "Look at the list again.");
    }

    private static void requireState(ReturnRow row, boolean right) {
        if (!right) {
            throw Refusal.conflict(
                    "Return " + row.id(),
                    row.state() == ReturnState.RECEIVED
                            ? "It was received by now."
                            : "Somebody else did something about it meanwhile.",
                    "Reload the page.");
        }
    }

    /** It need not come any more. Its label is made void with the carrier; until that has answered it may be used. */
    void callOff(long id, String signIn) {
        Optional<OutboxEntry> entry = transactions.execute(status -> {
            ReturnRow row = locked(id);
            requireState(row, row.state().isAwaited());
            auditLog.write(signIn, "called a return off", "Job " + row.job(), "Return " + id);
            mapper.move(
                    id,
                    row.state(),
                    row.hasOurLabel() ? ReturnState.CALLING_OFF : ReturnState.CALLED_OFF,
                    row.due(),
                    "");
            return row.hasOurLabel() ? Optional.of(labels.makeVoid(row)) : Optional.empty();
        });
        entry.ifPresent(labels::attemptAloud);
    }

    /** What came, and in which state; the source is told, and what the way cost is posted. */
    void receive(long id, List<Receipt.Came> came, String signIn) {
        transactions.executeWithoutResult(status -> {
            ReturnRow row = locked(id);
            requireState(row, row.state().canBeReceived());
            List<ReturnLineRow> lines = mapper.linesOf(List.of(id));
            Receipt receipt =
                    Receipt.of(lines.stream().map(ReturnLineRow::expected).toList(), came);
            mapper.receive(id, signIn, clock.instant(), Shortened.to(LONGEST_CAME, receipt.words()));
            mapper.keepCame(cameOf(lines, receipt));
            publish(row, receipt);
            auditLog.write(
                    signIn, "received a return", "Job " + row.job(), receipt.pieces() + " pieces: " + receipt.words());
        });
    }

    private static List<ReturnLineRow> cameOf(List<ReturnLineRow> lines, Receipt receipt) {
        List<ReturnLineRow> kept = new ArrayList<>();
        for (int index = 0; index < lines.size(); index++) {
            ReturnLineRow line = lines.get(index);
            Receipt.Came here = receipt.lines().get(index).came();
            kept.add(new ReturnLineRow(
                    line.returnId(),
                    line.position(),
                    line.workOrderLineId(),
                    line.item(),
                    line.quantity(),
                    here.quantity(),
                    here.condition()));
        }
        return kept;
    }

    private void publish(ReturnRow row, Receipt receipt) {
        Optional<Service> service = Optional.ofNullable(row.serviceCode()).map(catalog::service);
        events.publishEvent(new ReturnReceived(
                row.id(),
                row.job(),
                !workOrders.byId(row.workOrderId()).isTyped(),
                service.map(each -> each.carrier().name()).orElse(""),
                service.map(Service::name).orElse(""),
                Optional.ofNullable(row.trackingNumber()).orElse(""),
                sites.today(),
                row.freightCost(),
                row.customerCharge(),
                receipt.words()));
    }
}
