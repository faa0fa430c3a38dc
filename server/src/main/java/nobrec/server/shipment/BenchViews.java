package nobrec.server.shipment;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.measure.MeasureText;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.packing.CartonType;
import nobrec.core.readiness.ReadyCheck;
import nobrec.server.account.Accounts;
import nobrec.server.actlog.ActLog;
import nobrec.server.carton.CartonTypes;
import nobrec.server.document.PaperRow;
import nobrec.server.document.Papers;
import nobrec.server.platform.Moneys;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.shipment.BenchView.CartonView;
import nobrec.server.shipment.BenchView.CheckView;
import nobrec.server.shipment.BenchView.ContentView;
import nobrec.server.shipment.BenchView.Drawing;
import nobrec.server.shipment.BenchView.LineView;
import nobrec.server.shipment.BenchView.PackageView;
import nobrec.server.shipment.BenchView.PaperView;
import nobrec.server.shipment.BenchView.ShipToView;
import nobrec.server.shipment.BenchView.ShippedView;
import nobrec.server.workorder.WorkOrder;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Component;

/** Puts together what the bench shows of a shipment. */
@Component
class BenchViews {

    private static final int THOUSAND = 1000;

    private final Shipments shipments;
    private final WorkOrders workOrders;
    private final Assessor assessor;
    private final OfferViews offerViews;
    private final BookingMapper bookings;
    private final CartonTypes cartonTypes;
    private final Papers papers;
    private final Accounts accounts;
    private final UnitSystem units;

    BenchViews(
            Shipments shipments,
            WorkOrders workOrders,
            Assessor assessor,
            OfferViews offerViews,
            BookingMapper bookings,
            CartonTypes cartonTypes,
            Papers papers,
            Accounts accounts,
            NobrecSettings settings) {
        this.shipments = shipments;
        this.workOrders = workOrders;
        this.assessor = assessor;
        this.offerViews = offerViews;
        this.bookings = bookings;
        this.cartonTypes = cartonTypes;
        this.papers = papers;
        this.accounts = accounts;
        this.units = settings.units();
    }

    BenchView of(long shipmentId) {
        return of(shipments.byId(shipmentId));
    }

    BenchView of(Shipment shipment) {
        WorkOrder job = workOrders.byId(shipment.workOrderId());
        if (shipment.state() == ShipmentState.OPEN) {
            Assessment assessment = assessor.assess(shipment, job);
            return view(
                    shipment,
                    job,
                    offerViews.of(assessment, job),
                    assessment.choice().reason(),
                    assessment.checks(),
                    assessment.charge().map(OfferViews::charge),
                    assessment.allowsShipping());
        }
        return view(
                shipment,
                job,
                offerViews.kept(shipment),
                "As it was shipped.",
                List.of(),
                offerViews.keptCharge(shipment),
                false);
    }

    private BenchView view(
            Shipment shipment,
            WorkOrder job,
            List<BenchView.OfferView> offers,
            String choiceReason,
            List<ReadyCheck> checks,
            Optional<BenchView.ChargeView> charge,
            boolean mayShip) {
        Map<String, CartonType> cartons =
                cartonTypes.all().stream().collect(Collectors.toMap(CartonType::code, Function.identity()));
        return new BenchView(
                shipment.id(),
                job.number(),
                job.customer(),
                job.customerPo(),
                shipment.state(),
                shipTo(job),
                job.promiseDate(),
                job.askedService(),
                job.terms().words(),
                Moneys.zero().getCurrencyUnit().getCode(),
                units.weightUnit().symbol(),
                units.lengthUnit().symbol(),
                lines(shipment, job),
                packages(shipment, job, cartons),
                cartonTypes.all().stream().map(this::carton).toList(),
                offers,
                choiceReason,
                checks.stream().map(BenchViews::check).toList(),
                charge,
                mayShip,
                waitingFor(shipment),
                shipped(shipment),
                papers.of(shipment.id()).stream().map(BenchViews::paper).toList());
    }

    private Optional<String> waitingFor(Shipment shipment) {
        if (shipment.state() != ShipmentState.SHIPPING) {
            return Optional.empty();
        }
        return bookings.waitingOf(shipment.id())
                .map(booking -> booking.answer().isEmpty()
                        ? "The carrier is being asked."
                        : booking.answer() + " It is asked again by itself; it will be shipped once only.");
    }

    private Optional<ShippedView> shipped(Shipment shipment) {
        return shipment.outcome()
                .map(outcome -> new ShippedView(
                        accounts.displayName(shipment.startedBy().orElse(ActLog.BY_ITSELF)),
                        outcome.shippedAt(),
                        outcome.shipDate(),
                        shipment.packages().stream()
                                .flatMap(each -> each.trackingNumber().stream())
                                .toList()));
    }

    private static ShipToView shipTo(WorkOrder job) {
        return new ShipToView(
                job.shipTo().company(),
                job.shipTo().person(),
                job.shipTo().street(),
                job.shipTo().street2(),
                job.shipTo().town(),
                job.shipTo().state(),
                job.shipTo().postalCode(),
                job.phone(),
                job.placeKind());
    }

    private List<LineView> lines(Shipment shipment, WorkOrder job) {
        Map<Long, Integer> placed = shipment.packages().stream()
                .flatMap(each -> each.contents().stream())
                .collect(Collectors.toMap(Shipment.Content::workOrderLineId, Shipment.Content::quantity, Integer::sum));
        return job.lines().stream()
                .map(line -> new LineView(
                        line.id(),
                        line.item(),
                        line.description(),
                        line.quantityOrdered(),
                        placed.getOrDefault(line.id(), 0),
                        line.unitWeight().map(this::show)))
                .toList();
    }

    private List<PackageView> packages(Shipment shipment, WorkOrder job, Map<String, CartonType> cartons) {
        Map<Long, WorkOrder.Line> lines =
                job.lines().stream().collect(Collectors.toMap(WorkOrder.Line::id, Function.identity()));
        long longest = shipment.packages().stream()
                .mapToLong(each -> each.size().longest().nanometres())
                .max()
                .orElse(1);
        return shipment.packages().stream()
                .map(packed -> new PackageView(
                        packed.number(),
                        packed.cartonCode(),
                        cartons.get(packed.cartonCode()).name(),
                        packed.cartonReason(),
                        MeasureText.show(packed.size(), units),
                        drawing(packed, longest),
                        packed.weight().map(this::show),
                        packed.weightSource(),
                        packed.expectedWeight().map(this::show),
                        packed.trackingNumber(),
                        packed.contents().stream()
                                .map(content -> content(content, lines.get(content.workOrderLineId())))
                                .toList()))
                .toList();
    }

    private static Drawing drawing(Shipment.Package packed, long longest) {
        return new Drawing(
                share(packed.size().length().nanometres(), longest),
                share(packed.size().width().nanometres(), longest),
                share(packed.size().height().nanometres(), longest));
    }

    private static int share(long side, long longest) {
        return Math.toIntExact(Math.multiplyExact(side, THOUSAND) / longest);
    }

    private static ContentView content(Shipment.Content content, WorkOrder.Line line) {
        return new ContentView(line.item(), line.description(), content.quantity());
    }

    private CartonView carton(CartonType carton) {
        return new CartonView(
                carton.code(),
                carton.name(),
                MeasureText.show(carton.outer(), units),
                show(carton.tare()),
                Moneys.show(carton.cost()));
    }

    private static CheckView check(ReadyCheck check) {
        return new CheckView(check.subject(), check.verdict(), check.reason(), check.cure(), check.mend());
    }

    private static PaperView paper(PaperRow paper) {
        return new PaperView(paper.id(), paper.kind().name(), paper.title(), "/api/papers/" + paper.id());
    }

    private String show(Weight weight) {
        return MeasureText.show(weight, units);
    }
}
