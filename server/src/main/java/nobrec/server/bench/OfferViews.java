package nobrec.server.bench;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import nobrec.core.charging.CustomerCharge;
import nobrec.core.measure.UnitSystem;
import nobrec.core.rating.ChargeLine;
import nobrec.core.rating.Offer;
import nobrec.core.service.Accessorial;
import nobrec.core.service.Service;
import nobrec.core.shipment.Shipment;
import nobrec.core.tracking.OnTimeRecord;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.api.figure.Amount;
import nobrec.server.bench.BenchView.ChargeLineView;
import nobrec.server.bench.BenchView.ChargeView;
import nobrec.server.bench.BenchView.MoneyLineView;
import nobrec.server.bench.BenchView.ObjectionView;
import nobrec.server.bench.BenchView.OfferView;
import nobrec.server.bench.BenchView.OnTimeView;
import nobrec.server.bench.BenchView.PackageSumView;
import nobrec.server.bench.BenchView.QuoteView;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.pricing.Assessment;
import nobrec.server.shipment.ChargeLineRow;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Site;
import nobrec.server.tracking.OnTime;
import org.joda.money.Money;
import org.springframework.stereotype.Component;

/** Offers and charges as the bench shows them: computed ones before shipping, kept ones after. */
@Component
class OfferViews {

    private static final int WHOLE_BAR = 100;
    private static final String KEPT_REASON = "As it was when the shipment went.";

    private final Shipments shipments;
    private final ServiceCatalog catalog;
    private final OnTime onTime;
    private final UnitSystem units;

    OfferViews(Shipments shipments, ServiceCatalog catalog, OnTime onTime, NobrecSettings settings) {
        this.onTime = onTime;
        this.shipments = shipments;
        this.catalog = catalog;
        this.units = settings.units();
    }

    /** What some service would do that may carry it, or may once a missing datum is there. */
    static Set<Accessorial> offered(Assessment assessment) {
        return assessment.offers().stream()
                .filter(Offer::isUsable)
                .flatMap(offer -> offer.service().accessorials().stream())
                .collect(Collectors.toSet());
    }

    /** What offers are compared by. */
    private record Around(
            Assessment assessment,
            WorkOrder job,
            Optional<Money> highest,
            Optional<Money> chosenTotal,
            Map<String, OnTimeRecord> onTime) {}

    List<OfferView> of(Assessment assessment, WorkOrder job, Site site) {
        Around around = new Around(
                assessment,
                job,
                assessment.offers().stream()
                        .flatMap(offer -> offer.total().stream())
                        .max(Comparator.naturalOrder()),
                assessment.chosenOffer().flatMap(Offer::total),
                onTime.of(
                        assessment.offers().stream()
                                .map(offer -> offer.service().code())
                                .toList(),
                        site,
                        job.shipToOnPapers()));
        return assessment.offers().stream().map(offer -> view(offer, around)).toList();
    }

    private OfferView view(Offer offer, Around around) {
        Assessment assessment = around.assessment();
        Optional<Money> chosenTotal = around.chosenTotal();
        Service service = offer.service();
        Optional<String> code = Optional.of(service.code());
        boolean chosen = assessment.choice().chosen().equals(code);
        return new OfferView(
                service.code(),
                service.name(),
                service.carrier().name(),
                offer.isAllowed(),
                !offer.isAllowed() && offer.isAllowedOnceCompleted(),
                chosen,
                assessment.choice().cheapest().equals(code),
                assessment.choice().earliest().equals(code),
                service.isMeantBy(around.job().requestedService()),
                offer.total().map(Amount::of),
                chosen ? Optional.empty() : difference(offer, chosenTotal),
                offer.total()
                        .map(total -> bar(total, around.highest().orElse(total)))
                        .orElse(0),
                offer.departure(),
                offer.delivery(),
                offer.daysLate(),
                offer.objections().stream()
                        .map(objection -> new ObjectionView(objection.code(), objection.sentence(units)))
                        .toList(),
                offer.objections().stream()
                        .map(objection -> objection.brief(units))
                        .distinct()
                        .collect(Collectors.joining(", ")),
                offer.chargeLines().stream().map(line -> line(line, offer)).toList(),
                offer.chargeTree().parts().stream()
                        .map(part -> new PackageSumView(
                                part.lines().get(0).packageNumber(),
                                Amount.of(Money.ofMinor(offer.currency(), part.cents()))))
                        .toList(),
                Optional.ofNullable(assessment.quotes().get(service.code()))
                        .map(note -> new QuoteView(note.source(), note.differs(), note.sentence())),
                Optional.ofNullable(around.onTime().get(service.code()))
                        .map(each -> new OnTimeView(each.percent(), each.words())));
    }

    private static Optional<Amount> difference(Offer offer, Optional<Money> chosenTotal) {
        return offer.total().flatMap(total -> chosenTotal.map(chosen -> Amount.of(total.minus(chosen))));
    }

    private static int bar(Money total, Money highest) {
        if (highest.isZero()) {
            return 0;
        }
        return total.getAmount()
                .multiply(BigDecimal.valueOf(WHOLE_BAR))
                .divide(highest.getAmount(), 0, RoundingMode.HALF_UP)
                .intValueExact();
    }

    private ChargeLineView line(ChargeLine line, Offer offer) {
        return new ChargeLineView(
                line.forPackage(),
                line.basis().code(),
                line.basis().title(),
                Amount.of(line.amount(offer.currency())),
                line.basis().sentence(units));
    }

    static ChargeView charge(CustomerCharge charge) {
        return charge(
                charge.lines().stream()
                        .map(line -> moneyLine(line.title(), line.amount(), line.reason()))
                        .toList(),
                charge.total(),
                charge.margin(),
                charge.reason());
    }

    private static ChargeView charge(List<MoneyLineView> lines, Money total, Money margin, String reason) {
        return new ChargeView(lines, Amount.of(total), Amount.of(margin.abs()), !margin.isNegative(), reason);
    }

    private static MoneyLineView moneyLine(String title, Money amount, String reason) {
        return new MoneyLineView(title, Amount.of(amount.abs()), amount.isNegative(), reason);
    }

    /** The charge lines of a shipment as they were when it went. */
    List<ChargeLineRow> keptLines(Shipment shipment) {
        return shipments.chargeLines(shipment.id());
    }

    /** The offer a shipment went by, from what was kept. */
    List<OfferView> kept(Shipment shipment, List<ChargeLineRow> kept) {
        return shipment.outcome()
                .map(outcome -> {
                    Service service = catalog.service(outcome.serviceCode());
                    return List.of(new OfferView(
                            service.code(),
                            service.name(),
                            service.carrier().name(),
                            true,
                            false,
                            true,
                            false,
                            false,
                            false,
                            Optional.of(Amount.of(outcome.freightCost())),
                            Optional.empty(),
                            WHOLE_BAR,
                            outcome.shipDate(),
                            outcome.deliveryDate(),
                            0,
                            List.of(),
                            "",
                            keptLines(kept),
                            keptSums(kept),
                            Optional.empty(),
                            Optional.empty()));
                })
                .orElse(List.of());
    }

    private static List<ChargeLineView> keptLines(List<ChargeLineRow> kept) {
        return kept.stream()
                .filter(row -> row.side() == ChargeLineRow.Side.COST)
                .map(row -> new ChargeLineView(
                        Optional.ofNullable(row.packageNumber()),
                        row.code(),
                        row.title(),
                        Amount.of(row.amount()),
                        row.explanation()))
                .toList();
    }

    private static List<PackageSumView> keptSums(List<ChargeLineRow> kept) {
        Map<Integer, Money> sums = new TreeMap<>();
        kept.stream()
                .filter(row -> row.side() == ChargeLineRow.Side.COST && row.packageNumber() != null)
                .forEach(row -> sums.merge(row.packageNumber(), row.amount(), Money::plus));
        return sums.entrySet().stream()
                .map(each -> new PackageSumView(each.getKey(), Amount.of(each.getValue())))
                .toList();
    }

    Optional<ChargeView> keptCharge(Shipment shipment, List<ChargeLineRow> kept) {
        return shipment.outcome().map(outcome -> {
            List<ChargeLineRow> rows = kept.stream()
                    .filter(row -> row.side() == ChargeLineRow.Side.CUSTOMER)
                    .toList();
            return charge(
                    rows.stream()
                            .map(row -> moneyLine(row.title(), row.amount(), row.explanation()))
                            .toList(),
                    outcome.customerCharge(),
                    outcome.margin(),
                    KEPT_REASON);
        });
    }
}
