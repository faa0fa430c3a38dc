package nobrec.server.pricing;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nobrec.core.address.PlaceKind;
import nobrec.core.charging.CustomerCharge;
import nobrec.core.charging.FreightBill;
import nobrec.core.declaration.CustomsDeclaration;
import nobrec.core.limit.Limits;
import nobrec.core.partner.PartnerCheck;
import nobrec.core.rating.KindEffect;
import nobrec.core.rating.Offer;
import nobrec.core.rating.QuotedOffers;
import nobrec.core.rating.ServiceChoice;
import nobrec.core.readiness.MissingPieces;
import nobrec.core.readiness.ReadyChecks;
import nobrec.core.readiness.ScannedContents;
import nobrec.core.service.ShipmentToRate;
import nobrec.core.shipment.ContentsCount;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.PackageDoubts;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.carton.CartonTypes;
import nobrec.server.charge.ShopChargeRules;
import nobrec.server.customs.Customs;
import nobrec.server.partner.Partner;
import nobrec.server.partner.Partners;
import nobrec.server.place.AddressChecks;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import org.joda.money.Money;
import org.springframework.stereotype.Component;

/** Has everything computed about a shipment that has not gone yet. */
@Component
public class Assessor {

    private static final Comparator<Offer> ALLOWED_AND_CHEAP_FIRST = Comparator.<Offer, Boolean>comparing(
                    offer -> !offer.isAllowed())
            .thenComparingLong(offer -> offer.isPriced() ? offer.totalCents() : Long.MAX_VALUE)
            .thenComparing(offer -> offer.service().code());

    private final ShopMoney money;
    private final Sites sites;
    private final Shipments shipments;
    private final RatingFeed feed;
    private final CarrierQuotes quotes;
    private final AddressChecks addresses;
    private final CartonTypes cartonTypes;
    private final ShopChargeRules chargeRules;
    private final Customs customs;
    private final Partners partners;
    private final NobrecSettings settings;

    Assessor(
            RatingFeed feed,
            CarrierQuotes quotes,
            AddressChecks addresses,
            CartonTypes cartonTypes,
            ShopChargeRules chargeRules,
            Customs customs,
            Partners partners,
            NobrecSettings settings,
            ShopMoney money,
            Sites sites,
            Shipments shipments) {
        this.shipments = shipments;
        this.sites = sites;
        this.money = money;
        this.feed = feed;
        this.quotes = quotes;
        this.addresses = addresses;
        this.cartonTypes = cartonTypes;
        this.chargeRules = chargeRules;
        this.customs = customs;
        this.partners = partners;
        this.settings = settings;
    }

    public Assessment assess(Shipment shipment, Jobs jobs) {
        ShipmentToRate toRate = feed.toRate(shipment, jobs);
        List<Offer> bySheet = shipment.packages().isEmpty() ? List.of() : feed.offers(toRate, shipment.siteId());
        QuotedOffers quoted = QuotedOffers.of(bySheet, quotes.of(shipment, jobs, toRate, bySheet));
        List<Offer> offers =
                quoted.offers().stream().sorted(ALLOWED_AND_CHEAP_FIRST).toList();
        ServiceChoice choice = ServiceChoice.of(
                offers,
                shipment.chosenService(),
                jobs.leading().requestedService(),
                jobs.leading()
                        .ruling()
                        .the(RuleAct.Kind.SERVICE)
                        .map(RuleAct::value)
                        .orElse(""));
        Optional<Offer> chosen = choice.chosen().flatMap(code -> byCode(offers, code));
        Optional<CustomerCharge> charge = chosen.filter(Offer::isPriced).map(offer -> charge(shipment, jobs, offer));
        return new Assessment(
                offers,
                quoted.notes(),
                choice,
                ReadyChecks.of(look(shipment, jobs, toRate, chosen), settings.units()),
                charge,
                notInPrices(shipment, jobs));
    }

    private Optional<String> notInPrices(Shipment shipment, Jobs jobs) {
        WorkOrder job = jobs.leading();
        return customs.isAbroad(shipment, job)
                ? Optional.of(
                        customs.terms(shipment, job).notInPrices(job.shipTo().country()))
                : Optional.empty();
    }

    /** What the kind of its place does to the prices by our sheets; empty at a business, and where it makes no difference. */
    public Optional<KindEffect> kindEffect(Shipment shipment, Jobs jobs) {
        PlaceKind kind = jobs.leading().placeKind();
        if (kind == PlaceKind.BUSINESS || shipment.packages().isEmpty()) {
            return Optional.empty();
        }
        ShipmentToRate there = feed.toRate(shipment, jobs);
        return KindEffect.of(
                kind,
                feed.offers(there, shipment.siteId()),
                feed.offers(there.toKind(PlaceKind.BUSINESS), shipment.siteId()));
    }

    /** What the customer pays for a shipment by a priced offer. */
    CustomerCharge charge(Shipment shipment, Jobs jobs, Offer offer) {
        return charge(shipment, jobs, offer, jobs.leading().quotedFreightCents());
    }

    /** The same as if nothing had been quoted before. */
    public CustomerCharge chargeUnquoted(Shipment shipment, Jobs jobs, Offer offer) {
        return charge(shipment, jobs, offer, Optional.empty());
    }

    private CustomerCharge charge(Shipment shipment, Jobs jobs, Offer offer, Optional<Long> quotedCents) {
        WorkOrder job = jobs.leading();
        FreightBill bill = new FreightBill(
                job.customer(),
                job.terms(),
                offer.service().code(),
                offer.service().name(),
                offer.total().orElseThrow(),
                cartonCost(shipment),
                jobs.valueCents(shipment),
                quotedCents,
                job.particulars().clearance().holdsQuote());
        return CustomerCharge.of(bill, chargeRules.ruleFor(bill, offer.departure()));
    }

    private static Optional<Offer> byCode(List<Offer> offers, String code) {
        return offers.stream()
                .filter(offer -> offer.service().code().equals(code))
                .findFirst();
    }

    private ReadyChecks.ShipmentToCheck look(
            Shipment shipment, Jobs jobs, ShipmentToRate toRate, Optional<Offer> chosen) {
        WorkOrder job = jobs.leading();
        return new ReadyChecks.ShipmentToCheck(
                job.number(),
                recordState(shipment, jobs),
                sites.byId(shipment.siteId()).country(),
                job.shipTo(),
                job.placeKind(),
                addresses.check(job.shipTo()),
                job.phone(),
                job.terms(),
                job.carrierAccount(),
                shipment.pieces(),
                shipment.pieces() - shipment.piecesPlaced(),
                shipment.packages().size() >= Limits.PACKAGES_OF_SHIPMENT,
                shipment.packages().stream()
                        .filter(each -> each.contents().isEmpty())
                        .map(Shipment.Package::number)
                        .toList(),
                PackageDoubts.notLaidOut(shipment, jobs),
                scanned(shipment, jobs),
                PackageDoubts.measures(shipment, jobs, cartonTypes.set(), settings.units()),
                PrintChecks.of(shipment, jobs),
                customs(shipment, jobs),
                partner(shipment, jobs),
                toRate.packages(),
                jobs.promiseDate(),
                shipment.shipOn(),
                chosen);
    }

    /** Empty where it stays in the country. */
    private Optional<ReadyChecks.CustomsState> customs(Shipment shipment, Jobs jobs) {
        if (!customs.isAbroad(shipment, jobs.leading())) {
            return Optional.empty();
        }
        CustomsDeclaration declared = customs.declaration(shipment, jobs);
        return Optional.of(new ReadyChecks.CustomsState(
                customs.problems(shipment, jobs),
                declared.value() + " declared, " + declared.terms().incoterm() + ", "
                        + declared.terms().reason().words() + "; the "
                        + declared.terms().dutyPayer().words() + " pays duty."));
    }

    /** Empty where its customer is no partner that demands something. */
    private Optional<ReadyChecks.PartnerState> partner(Shipment shipment, Jobs jobs) {
        return partners.of(jobs.leading().customer())
                .map(Partner::profile)
                .map(profile -> new ReadyChecks.PartnerState(
                        PartnerCheck.of(
                                profile, partners.numbers(), partners.left().orElse(0L), shipment, jobs),
                        profile.inWords()));
    }

    private ScannedContents scanned(Shipment shipment, Jobs jobs) {
        ContentsCount count = shipments.contentsCount(shipment);
        return count.isBegun() ? new ScannedContents(count.pieces(), count.missing(jobs)) : ScannedContents.NONE;
    }

    /** What the records of all jobs in it say. */
    private static ReadyChecks.RecordState recordState(Shipment shipment, Jobs jobs) {
        List<WorkOrder> all = jobs.all();
        return new ReadyChecks.RecordState(
                all.stream()
                        .map(each -> each.particulars().hold())
                        .filter(hold -> !hold.isEmpty())
                        .findFirst()
                        .orElse(""),
                all.stream()
                        .flatMap(each -> each.unknownWords().stream())
                        .distinct()
                        .toList(),
                MissingPieces.of(shipment, jobs),
                all.stream()
                        .filter(each -> !each.ruling()
                                .rulesThat(RuleAct.Kind.DEMAND_PAYMENT)
                                .isEmpty())
                        .filter(each ->
                                !each.particulars().clearance().invoice().letsGo())
                        .findFirst(),
                all.stream().anyMatch(each -> each.status() == WorkOrderStatus.REQUEST),
                new Ruling(all.stream()
                        .flatMap(each -> each.ruling().acted().stream())
                        .toList()));
    }

    private Money cartonCost(Shipment shipment) {
        return shipment.packages().stream()
                .flatMap(each -> Stream.concat(Stream.of(each.cartonCode()), each.cartonsOnIt().stream()))
                .map(code -> cartonTypes.set().byCode(code).cost())
                .reduce(money.zero(), Money::plus);
    }
}
