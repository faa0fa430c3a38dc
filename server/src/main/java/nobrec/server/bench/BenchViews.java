package nobrec.server.bench;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nobrec.core.carton.CartonType;
import nobrec.core.item.LineFact;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.rating.KindEffect;
import nobrec.core.readiness.ReadyCheck;
import nobrec.core.rule.RuleSentence;
import nobrec.core.service.Accessorial;
import nobrec.core.shipment.ContentsCount;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.shipment.ShipmentState;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.account.Accounts;
import nobrec.server.api.figure.Amount;
import nobrec.server.api.figure.SizeFigure;
import nobrec.server.api.figure.WeightFigure;
import nobrec.server.api.security.SignedIn;
import nobrec.server.audit.AuditLog;
import nobrec.server.bench.BenchView.AccessorialView;
import nobrec.server.bench.BenchView.CartonView;
import nobrec.server.bench.BenchView.CheckView;
import nobrec.server.bench.BenchView.LineView;
import nobrec.server.bench.BenchView.PaperView;
import nobrec.server.bench.BenchView.ShippedView;
import nobrec.server.booking.WaitingShipments;
import nobrec.server.carton.CartonTypes;
import nobrec.server.document.PaperRow;
import nobrec.server.document.Papers;
import nobrec.server.handover.HandedOver;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.platform.outbox.Subject;
import nobrec.server.pricing.Assessment;
import nobrec.server.pricing.Assessor;
import nobrec.server.shipment.ChargeLineRow;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import nobrec.server.voiding.PackageVoids;
import nobrec.server.voiding.VoidNotes;
import org.springframework.stereotype.Component;

/** Puts together what the bench shows of a shipment. */
@Component
class BenchViews {

    private final ShopMoney money;
    private final Shipments shipments;
    private final Sites sites;
    private final Assessor assessor;
    private final OfferViews offerViews;
    private final WaitingShipments waiting;
    private final CartonTypes cartonTypes;
    private final Papers papers;
    private final Accounts accounts;
    private final PackageViews packageViews;
    private final ShipToViews shipTos;
    private final VoidNotes voidNotes;
    private final PackageVoids packageVoids;
    private final HandedOver handedOver;
    private final UnitSystem units;

    BenchViews(
            Shipments shipments,
            Sites sites,
            Assessor assessor,
            OfferViews offerViews,
            WaitingShipments waiting,
            CartonTypes cartonTypes,
            Papers papers,
            Accounts accounts,
            PackageViews packageViews,
            ShipToViews shipTos,
            VoidNotes voidNotes,
            PackageVoids packageVoids,
            HandedOver handedOver,
            NobrecSettings settings,
            ShopMoney money) {
        this.money = money;
        this.shipments = shipments;
        this.sites = sites;
        this.assessor = assessor;
        this.offerViews = offerViews;
        this.waiting = waiting;
        this.cartonTypes = cartonTypes;
        this.papers = papers;
        this.accounts = accounts;
        this.packageViews = packageViews;
        this.shipTos = shipTos;
        this.voidNotes = voidNotes;
        this.packageVoids = packageVoids;
        this.handedOver = handedOver;
        this.units = settings.units();
    }

    BenchView of(long shipmentId) {
        return of(shipments.byId(shipmentId));
    }

    BenchView of(Shipment shipment) {
        return of(shipment, shipments.jobs(shipment));
    }

    /** A shipment that is only looked at, and is not there afterwards. */
    BenchView ofLook(Shipment shipment) {
        return of(shipment, shipments.jobs(shipment), false);
    }

    BenchView of(Shipment shipment, Jobs jobs) {
        return of(shipment, jobs, true);
    }

    private BenchView of(Shipment shipment, Jobs jobs, boolean opened) {
        WorkOrder job = jobs.leading();
        if (shipment.state() == ShipmentState.OPEN) {
            Assessment assessment = assessor.assess(shipment, jobs);
            return view(
                    shipment,
                    opened,
                    jobs,
                    OfferViews.offered(assessment),
                    offerViews.of(assessment, job, sites.byId(shipment.siteId())),
                    assessment.notInPrices(),
                    assessment.choice().reason(),
                    assessment.checks(),
                    assessor.kindEffect(shipment, jobs),
                    QuoteState.of(assessment),
                    assessment.charge().map(OfferViews::charge),
                    assessment.allowsShipping());
        }
        List<ChargeLineRow> kept = offerViews.keptLines(shipment);
        return view(
                shipment,
                opened,
                jobs,
                Set.of(),
                offerViews.kept(shipment, kept),
                Optional.empty(),
                shipment.state() == ShipmentState.SHIPPED ? "As it was shipped." : "",
                List.of(),
                Optional.empty(),
                QuoteState.NONE,
                offerViews.keptCharge(shipment, kept),
                false);
    }

    private BenchView view(
            Shipment shipment,
            boolean opened,
            Jobs jobs,
            Set<Accessorial> offered,
            List<BenchView.OfferView> offers,
            Optional<String> notInPrices,
            String choiceReason,
            List<ReadyCheck> checks,
            Optional<KindEffect> kindEffect,
            QuoteState quotes,
            Optional<BenchView.ChargeView> charge,
            boolean mayShip) {
        WorkOrder job = jobs.leading();
        Optional<ShippedView> shipped = shipped(shipment);
        Optional<BenchView.VoidView> voided =
                voidNotes.of(shipment).map(note -> new BenchView.VoidView(note.text(), note.awaited()));
        boolean seesCharge = SignedIn.seesWhatCustomersPay();
        boolean mayVoid = shipment.state() == ShipmentState.SHIPPED
                && SignedIn.packsAndShips()
                && voided.filter(BenchView.VoidView::awaited).isEmpty();
        LocalDate today = sites.timeAt(sites.byId(shipment.siteId())).toLocalDate();
        ContentsCount count = shipment.state() == ShipmentState.OPEN
                ? shipments.contentsCount(shipment)
                : new ContentsCount(shipment, List.of());
        return new BenchView(
                opened ? shipment.id() : 0,
                opened,
                job.number(),
                jobs.all().stream().skip(1).map(WorkOrder::number).toList(),
                job.customer(),
                job.customerPo(),
                shipment.state(),
                shipTos.of(job, sites.byId(shipment.siteId()), kindEffect),
                job.promiseDate(),
                job.requestedService(),
                job.terms().words(),
                job.carrierAccount(),
                accessorials(shipment, offered),
                sites.byId(shipment.siteId()).code(),
                sites.all().stream()
                        .map(site -> new BenchView.SiteView(site.code(), site.city()))
                        .toList(),
                today,
                sites.calendar(shipment.siteId()).openOrNext(today.plusDays(1)),
                shipment.shipOn().filter(day -> day.isAfter(today)),
                money.currency().getCode(),
                units.weightUnit().symbol(),
                units.lengthUnit().symbol(),
                lines(shipment, jobs),
                packageViews.of(shipment, jobs, count),
                cartonTypes.all().stream().map(this::carton).toList(),
                offers,
                quotes.wanted(),
                quotes.awaited(),
                notInPrices,
                choiceReason,
                checks.stream().map(BenchViews::check).toList(),
                jobs.all().stream().flatMap(BenchViews::rules).toList(),
                seesCharge ? charge : Optional.empty(),
                seesCharge,
                shipment.state() == ShipmentState.OPEN && SignedIn.packsAndShips(),
                mayShip && SignedIn.packsAndShips(),
                mayVoid && shipped.flatMap(ShippedView::handedOver).isEmpty(),
                mayVoid && packageVoids.arePossible(shipment),
                waiting.reasonOf(shipment),
                waiting.refusalOf(shipment),
                voided,
                shipped,
                shipment.state() == ShipmentState.OPEN ? handedOver.leftOpenAt(shipment.siteId()) : Optional.empty(),
                papers.of(Subject.Kind.SHIPMENT, shipment.id()).stream()
                        .map(BenchViews::paper)
                        .toList(),
                scanning(shipment, jobs, count));
    }

    private static BenchView.ScanningView scanning(Shipment shipment, Jobs jobs, ContentsCount count) {
        return new BenchView.ScanningView(
                jobs.all().stream()
                        .anyMatch(each -> !each.ruling()
                                .rulesThat(RuleAct.Kind.DEMAND_CONTENTS_CHECK)
                                .isEmpty()),
                count.pieces(),
                shipment.pieces());
    }

    /** How far carriers that price themselves have been asked. */
    private record QuoteState(boolean wanted, boolean awaited) {
        static final QuoteState NONE = new QuoteState(false, false);

        static QuoteState of(Assessment assessment) {
            return new QuoteState(assessment.wantsQuotes(), assessment.awaitsQuotes());
        }
    }

    private static Stream<BenchView.HouseRuleView> rules(WorkOrder job) {
        return job.ruling().acted().stream()
                .map(acted -> new BenchView.HouseRuleView(
                        job.number(), acted.name(), acted.why(), RuleSentence.acts(acted.acts())));
    }

    private Optional<ShippedView> shipped(Shipment shipment) {
        return shipment.outcome()
                .map(outcome -> new ShippedView(
                        accounts.displayName(shipment.startedBy().orElse(AuditLog.BY_ITSELF)),
                        outcome.shippedAt(),
                        outcome.shipDate(),
                        shipment.packages().stream()
                                .flatMap(each -> each.trackingNumber().stream())
                                .toList(),
                        handedOver.said(shipment)));
    }

    private List<AccessorialView> accessorials(Shipment shipment, Set<Accessorial> offered) {
        return Arrays.stream(Accessorial.values())
                .map(accessorial -> new AccessorialView(
                        accessorial,
                        accessorial.words(),
                        shipment.accessorials().contains(accessorial),
                        offered.contains(accessorial)))
                .toList();
    }

    private List<LineView> lines(Shipment shipment, Jobs jobs) {
        Map<Long, Integer> placed = shipment.placed();
        Set<Long> going =
                shipment.lines().stream().map(Shipment.Line::workOrderLineId).collect(Collectors.toSet());
        Stream<Shipment.Line> staying = shipment.state() != ShipmentState.OPEN
                ? Stream.empty()
                : jobs.all().stream()
                        .flatMap(job -> job.lines().stream())
                        .filter(line -> line.quantityToTake() > 0 && !going.contains(line.id()))
                        .map(line -> new Shipment.Line(line.id(), 0));
        return Stream.concat(shipment.lines().stream(), staying)
                .map(each -> {
                    WorkOrder.Line line = jobs.line(each.workOrderLineId());
                    return new LineView(
                            line.id(),
                            jobs.orderOf(line.id()).number(),
                            line.item(),
                            line.description(),
                            each.quantity(),
                            placed.getOrDefault(line.id(), 0),
                            line.quantityToTake(),
                            line.unitWeight().map(this::figure),
                            line.unitSize().map(size -> SizeFigure.of(size, units)),
                            line.handling().words(),
                            jobs.elsewhere(line).map(to -> to.name() + ", " + to.cityLine()),
                            line.fromItem().stream()
                                    .sorted()
                                    .map(LineFact::words)
                                    .toList());
                })
                .toList();
    }

    private CartonView carton(CartonType carton) {
        return new CartonView(
                carton.code(),
                carton.name(),
                SizeFigure.of(carton.outer(), units),
                figure(carton.tare()),
                Amount.of(carton.cost()));
    }

    private static CheckView check(ReadyCheck check) {
        return new CheckView(check.subject(), check.verdict(), check.reason(), check.remedy(), check.correctedIn());
    }

    private static PaperView paper(PaperRow paper) {
        return new PaperView(paper.id(), paper.kind().name(), paper.title(), "/api/v1/papers/" + paper.id());
    }

    private WeightFigure figure(Weight weight) {
        return WeightFigure.of(weight, units);
    }
}
