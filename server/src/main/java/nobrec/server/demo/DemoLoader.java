package nobrec.server.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.calendar.Pickup;
import nobrec.core.charging.ChargeRule;
import nobrec.core.measure.Length;
import nobrec.core.measure.LengthUnit;
import nobrec.core.measure.MeasureText;
import nobrec.core.measure.Size;
import nobrec.core.measure.UnitSystem;
import nobrec.core.measure.Weight;
import nobrec.core.measure.WeightUnit;
import nobrec.core.packing.CartonType;
import nobrec.core.rating.Carrier;
import nobrec.core.rating.Service;
import nobrec.core.rating.ServiceLimits;
import nobrec.server.account.Accounts;
import nobrec.server.actlog.ActLog;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.carton.CartonTypes;
import nobrec.server.charge.ChargeRules;
import nobrec.server.platform.DemoSettings;
import nobrec.server.platform.Moneys;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import nobrec.server.source.CsvImport;
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
    private static final String FIRST_ORDERS = "orders-monday.csv";
    private static final Set<DayOfWeek> WEEKDAYS = EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY);

    private final DemoSettings demo;
    private final JsonMapper json;
    private final Sites sites;
    private final Accounts accounts;
    private final CartonTypes cartonTypes;
    private final ServiceCatalog catalog;
    private final ChargeRules chargeRules;
    private final CsvImport csvImport;

    DemoLoader(
            DemoSettings demo,
            JsonMapper json,
            Sites sites,
            Accounts accounts,
            CartonTypes cartonTypes,
            ServiceCatalog catalog,
            ChargeRules chargeRules,
            CsvImport csvImport) {
        this.demo = demo;
        this.json = json;
        this.sites = sites;
        this.accounts = accounts;
        this.cartonTypes = cartonTypes;
        this.catalog = catalog;
        this.chargeRules = chargeRules;
        this.csvImport = csvImport;
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
        shop.users().forEach(user -> accounts.add(user.signIn(), user.displayName(), user.role(), demo.password()));
        chargeRules.add(
                FIRST_DAY,
                new ChargeRule(
                        shop.chargeRule().markupPercent(), shop.chargeRule().cartonsAtCost()));
        shop.cartonTypes().forEach(carton -> cartonTypes.add(cartonType(carton)));
        addServices(shop, folder.resolve("rates"));
        csvImport.takeIn(FIRST_ORDERS, Files.readAllBytes(folder.resolve(FIRST_ORDERS)), ActLog.BY_ITSELF);
        LOG.info("The demonstration is set up: {}.", shop.site().company());
    }

    private void addSite(DemoShop.SiteEntry site) {
        sites.add(new Site(
                0,
                site.code(),
                site.company(),
                site.street(),
                site.town(),
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
                .map(entry -> new Carrier(entry.code(), entry.name(), entry.phoneRequired(), entry.trackingForm()))
                .collect(Collectors.toMap(Carrier::code, carrier -> carrier));
        long site = sites.home().id();
        shop.carriers()
                .forEach(entry -> catalog.add(carriers.get(entry.code()), site, new Pickup(entry.cutOff(), WEEKDAYS)));
        for (DemoShop.ServiceEntry entry : shop.services()) {
            catalog.add(service(entry, carriers.get(entry.carrier())));
            catalog.add(DemoRates.read(rates.resolve(entry.sheet()), entry, FIRST_DAY));
        }
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
                        Set.copyOf(entry.excludedPlaces())),
                entry.transitDays());
    }

    private static CartonType cartonType(DemoShop.CartonEntry entry) {
        return new CartonType(
                entry.code(),
                entry.name(),
                size(entry.inner()),
                size(entry.outer()),
                pounds(entry.tare()),
                pounds(entry.limit()),
                pounds(entry.bandFrom()),
                pounds(entry.bandTo()),
                Moneys.of(entry.cost()),
                entry.standard());
    }

    private static Weight pounds(String figure) {
        return Weight.of(figure, WeightUnit.POUND);
    }

    private static Size size(String text) {
        return MeasureText.readSize(text, UnitSystem.POUND_INCH).found().orElseThrow();
    }
}
