package nobrec.server.customs;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.customs.CustomsProblem;
import nobrec.core.customs.DeclarationForm;
import nobrec.core.customs.DeclaredTerms;
import nobrec.core.customs.ExchangeRate;
import nobrec.core.declaration.CustomsDeclaration;
import nobrec.core.declaration.DeclarationCheck;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Jobs;
import nobrec.core.shipment.Shipment;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is declared of a shipment, as the shop is set up and as money is worth. */
@Service
public class Customs {

    private final CustomsMapper mapper;
    private final SetUpVersion setUpVersion;
    private final Remembered<ExportSetUp> setUp;
    private final Sites sites;
    private final ShopMoney money;
    private final AuditLog auditLog;
    private final Clock clock;

    Customs(
            CustomsMapper mapper,
            SetUpVersion setUpVersion,
            Sites sites,
            ShopMoney money,
            AuditLog auditLog,
            Clock clock) {
        this.setUpVersion = setUpVersion;
        this.setUp = new Remembered<>(setUpVersion, () -> mapper.setUp().orElse(ExportSetUp.AT_FIRST));
        this.mapper = mapper;
        this.sites = sites;
        this.money = money;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    public boolean isAbroad(Shipment shipment, WorkOrder job) {
        return !job.shipTo().country().equals(sites.byId(shipment.siteId()).country());
    }

    /** On what terms a job is declared: at the rates of the day on which its shipment left, or of today. */
    public DeclaredTerms terms(Shipment shipment, WorkOrder job) {
        String currency = job.particulars().export().currency();
        boolean other = !currency.isEmpty() && !currency.equals(money.currency().getCode());
        return DeclaredTerms.of(
                job.particulars().export(),
                setUp().usual(),
                money.currency(),
                other ? mapper.rate(currency, day(shipment)) : Optional.empty());
    }

    /** Empty where it stays in the country. */
    public Optional<CustomsDeclaration> declared(Shipment shipment, Jobs jobs) {
        return isAbroad(shipment, jobs.leading()) ? Optional.of(declaration(shipment, jobs)) : Optional.empty();
    }

    public CustomsDeclaration declaration(Shipment shipment, Jobs jobs) {
        return CustomsDeclaration.of(shipment, jobs, terms(shipment, jobs.leading()));
    }

    public List<CustomsProblem> problems(Shipment shipment, Jobs jobs) {
        return DeclarationCheck.of(shipment, jobs, terms(shipment, jobs.leading()), day(shipment));
    }

    /**
     * The form of a package that goes by post: by what its contents are worth in the shop's currency, in which the rate of special
     * drawing rights is said.
     */
    public DeclarationForm.Choice form(Shipment shipment, Jobs jobs, int packageNumber) {
        return DeclarationForm.of(
                money.ofCents(
                        jobs.valueCents(shipment.packageNumbered(packageNumber).contents())),
                mapper.rate(ExchangeRate.SDR, day(shipment)));
    }

    private LocalDate day(Shipment shipment) {
        return shipment.outcome().map(Shipment.Outcome::shipDate).orElseGet(() -> today(shipment.siteId()));
    }

    private LocalDate today(long siteId) {
        return sites.timeAt(sites.byId(siteId)).toLocalDate();
    }

    public ExportSetUp setUp() {
        return setUp.get();
    }

    /** Those that somebody has said a rate of, which money can be. */
    public List<String> currencies() {
        return rates().stream()
                .map(ExchangeRate::currency)
                .filter(currency -> !currency.equals(ExchangeRate.SDR))
                .toList();
    }

    /** The newest rate of each currency. */
    List<ExchangeRate> rates() {
        return mapper.rates(today(sites.home().id()));
    }

    /** @param changed with the version that was looked at */
    @Transactional
    public void change(ExportSetUp changed, String signIn) {
        ExportSetUp now = mapper.setUpLocked().orElse(ExportSetUp.AT_FIRST);
        if (now.version() != changed.version()) {
            throw Refusal.changedSince("How the shop declares", "Somebody changed it meanwhile.", "Reload the page.");
        }
        mapper.keepSetUp(changed, signIn, clock.instant());
        setUpVersion.changed();
        auditLog.write(
                signIn,
                "changed how the shop declares",
                changed.signer(),
                changed.incoterm() + ", " + changed.reason().words());
    }

    /** @throws Refusal where its day has not come yet */
    @Transactional
    public void keep(ExchangeRate rate, String signIn) {
        if (rate.day().isAfter(today(sites.home().id()))) {
            throw Refusal.unusable(
                    "The rate", "Its day, " + rate.day() + ", has not come yet.", "Write today or earlier.");
        }
        mapper.keepRate(rate, signIn, clock.instant());
        auditLog.write(
                signIn,
                "said an exchange rate",
                rate.currency(),
                rate.rate().toPlainString() + " " + money.currency().getCode() + " as of " + rate.day());
    }
}
