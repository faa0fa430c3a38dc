package nobrec.server.demo;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.calendar.LeavesBy;
import nobrec.core.calendar.Pickup;
import nobrec.core.charging.ChargeRule;
import nobrec.core.customs.ExchangeRate;
import nobrec.core.customs.ExportPaper;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.service.Carrier;
import nobrec.core.service.CarrierPricing;
import nobrec.core.service.Service;
import nobrec.core.service.ServiceLimits;
import nobrec.server.account.Accounts;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.RateSheetIntake;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.carton.CartonTypes;
import nobrec.server.charge.ShopChargeRules;
import nobrec.server.customs.Customs;
import nobrec.server.customs.ExportSetUp;
import nobrec.server.platform.DemoSettings;
import nobrec.server.platform.csv.UploadedFile;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.prepaid.PrepaidAccounts;
import nobrec.server.rule.HouseRules;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Sets up the demonstration's shop the first time. */
@Component
@ConditionalOnProperty("nobrec.demo.folder")
@Order(DemoLoader.AFTER_REFERENCE)
class DemoLoader implements ApplicationRunner {

    static final int AFTER_REFERENCE = 2;

    private static final Logger LOG = LoggerFactory.getLogger(DemoLoader.class);
    private static final LocalDate FIRST_DAY = LocalDate.of(2026, 1, 1);
    private static final Set<DayOfWeek> WEEKDAYS = EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY);

    private final DemoSettings demo;
    private final JsonMapper json;
    private final Sites sites;
    private final Accounts accounts;
    private final CartonTypes cartonTypes;
    private final ServiceCatalog catalog;
    private final PrepaidAccounts prepaid;
    private final RateSheetIntake rateSheets;
    private final ShopChargeRules chargeRules;
    private final HouseRules houseRules;
    private final Customs customs;
    private final DemoPartners partners;
    private final ShopMoney money;

    DemoLoader(
            DemoSettings demo,
            JsonMapper json,
            Sites sites,
            Accounts accounts,
            CartonTypes cartonTypes,
            ServiceCatalog catalog,
            PrepaidAccounts prepaid,
            RateSheetIntake rateSheets,
            ShopChargeRules chargeRules,
            HouseRules houseRules,
            Customs customs,
            DemoPartners partners,
            ShopMoney money) {
        this.partners = partners;
        this.houseRules = houseRules;
        this.customs = customs;
        this.money = money;
        this.demo = demo;
        this.json = json;
        this.sites = sites;
        this.accounts = accounts;
        this.cartonTypes = cartonTypes;
        this.catalog = catalog;
        this.prepaid = prepaid;
        this.rateSheets = rateSheets;
        this.chargeRules = chargeRules;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) throws IOException {
        if (!sites.isEmpty()) {
            return;
        }
        Path folder = Path.of(demo.folder());
        DemoShop shop = json.readValue(Files.readString(folder.resolve("shop.json")), DemoShop.class);
        addSite(shop.site());
        shop.otherSites().forEach(other -> addSite(other.site()));
        shop.closingDays().forEach((day, reason) -> sites.close(sites.home().id(), day, reason));
        shop.users().forEach(user -> accounts.add(user.signIn(), user.displayName(), user.role(), demo.password()));
        shop.chargeRules().forEach(rule -> chargeRules.add(FIRST_DAY, rule(rule)));
        DemoTables.cartonTypes(folder.resolve("carton-types.csv"), money).forEach(cartonTypes::add);
        catalog.addFuel(DemoTables.fuel(folder.resolve("fuel.csv")));
        addServices(shop, folder.resolve("rates"));
        addExport(shop.export());
        partners.add(shop);
        shop.houseRules().forEach(rule -> houseRules.add(rule, AuditLog.BY_ITSELF));
        LOG.info("The demonstration is set up: {}.", shop.site().company());
    }

    private void addSite(DemoShop.SiteEntry site) {
        sites.add(new Site(
                0,
                site.code(),
                site.company(),
                site.street(),
                site.city(),
                site.state(),
                site.postalCode(),
                site.country(),
                site.phone(),
                site.timeZone(),
                site.opensAt(),
                site.closesAt()));
    }

    private void addServices(DemoShop shop, Path rates) throws IOException {
        Map<String, Carrier> carriers = shop.carriers().stream()
                .map(entry -> new Carrier(
                        entry.code(),
                        entry.name(),
                        entry.phoneRequired(),
                        entry.companyRequired(),
                        entry.trackingForm()))
                .collect(Collectors.toMap(Carrier::code, carrier -> carrier));
        long site = sites.home().id();
        shop.carriers()
                .forEach(entry -> catalog.add(
                        Objects.requireNonNull(carriers.get(entry.code())),
                        site,
                        new Pickup(entry.cutOff(), WEEKDAYS, sites.calendar(site))));
        for (DemoShop.OtherSiteEntry other : shop.otherSites()) {
            long id = sites.byCode(other.site().code()).id();
            other.pickups()
                    .forEach((carrier, cutOff) ->
                            catalog.addPickup(carrier, id, new Pickup(cutOff, WEEKDAYS, sites.calendar(id))));
            other.dropOffs()
                    .forEach((carrier, until) -> catalog.addPickup(
                            carrier, id, new Pickup(until, WEEKDAYS, sites.calendar(id), LeavesBy.DROP_OFF)));
        }
        shop.carriers().stream()
                .filter(entry -> entry.pricedBy() != null)
                .forEach(entry -> catalog.keepPricing(
                        entry.code(),
                        new CarrierPricing(
                                Objects.requireNonNull(entry.pricedBy()),
                                CarrierPricing.BY_SHEET.toleranceThousandths())));
        shop.carriers().stream()
                .filter(entry -> Boolean.TRUE.equals(entry.prepaid()))
                .forEach(entry -> prepaid.add(entry.code()));
        for (DemoShop.ServiceEntry entry : shop.services()) {
            catalog.add(service(entry, Objects.requireNonNull(carriers.get(entry.carrier()))));
            rateSheets.add(new UploadedFile(entry.sheet(), Files.readAllBytes(rates.resolve(entry.sheet()))));
        }
    }

    private void addExport(DemoShop.ExportEntry export) {
        customs.change(
                new ExportSetUp(
                        0,
                        export.signer(),
                        export.signerTitle(),
                        export.taxNumber(),
                        export.incoterm(),
                        export.reason(),
                        export.forwarder()),
                AuditLog.BY_ITSELF);
        LocalDate today = sites.timeAt(sites.home()).toLocalDate();
        export.rates()
                .forEach((currency, rate) -> customs.keep(new ExchangeRate(currency, today, rate), AuditLog.BY_ITSELF));
    }

    private static Service service(DemoShop.ServiceEntry entry, Carrier carrier) {
        return new Service(
                entry.code(),
                entry.name(),
                carrier,
                entry.ground(),
                new ServiceLimits(
                        pounds(entry.limit()),
                        Length.of(entry.length(), LengthUnit.INCH),
                        Length.of(entry.girth(), LengthUnit.INCH),
                        Set.copyOf(entry.excludedPlaces()),
                        Set.copyOf(entry.countries())),
                new Service.Transit(entry.transitDays(), entry.transitPlaces()),
                Set.copyOf(entry.takes()),
                Set.copyOf(entry.excludedGoods()),
                Set.copyOf(entry.accessorials()),
                entry.exportPapers() == null
                        ? List.of()
                        : entry.exportPapers().entrySet().stream()
                                .map(each -> new ExportPaper(each.getKey(), each.getValue()))
                                .toList());
    }

    private static ChargeRule rule(DemoShop.ChargeRuleEntry entry) {
        return new ChargeRule(
                entry.name(),
                new ChargeRule.Applies(Optional.ofNullable(entry.customer()), Optional.empty(), Optional.empty(), 0),
                thousandths(entry.markup()),
                cents(entry.handling()),
                entry.cartonsAtCost(),
                thousandths(entry.discount()),
                cents(entry.roundUpTo()),
                cents(entry.floor()),
                cents(entry.cap()),
                cents(entry.freeFromOrder()),
                entry.freeServices() == null ? Set.of() : Set.copyOf(entry.freeServices()),
                entry.holdsEstimate());
    }

    private static int thousandths(BigDecimal perCent) {
        return perCent == null ? 0 : perCent.movePointRight(3).intValueExact();
    }

    private static long cents(BigDecimal amount) {
        return amount == null ? 0 : amount.movePointRight(2).longValueExact();
    }

    private static Weight pounds(String figure) {
        return Weight.of(figure, WeightUnit.POUND);
    }
}
