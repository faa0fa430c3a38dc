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
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.site.Sites;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is declared of a shipment, as the shop is set up and as money is worth. */
@Service
public class Customs {

    private final CustomsMapper mapper;
    private final Sites sites;
    private final ShopMoney money;
    private final AuditLog auditLog;
    private final Clock clock;

    Customs(CustomsMapper mapper, Sites sites, ShopMoney money, AuditLog auditLog, Clock clock) {
        this.mapper = mapper;
        this.sites = sites;
        this.money = money;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    public boolean isAbroad(Shipment shipment, WorkOrder job) {
        return !job.shipTo().country().equals(sites.byId(shipment.siteId()).country());
    }

    /** On what terms a job is declared that leaves a site today. */
    public DeclaredTerms terms(WorkOrder job, long siteId) {
        String currency = job.particulars().export().currency();
        boolean other = !currency.isEmpty() && !currency.equals(money.currency().getCode());
        return DeclaredTerms.of(
                job.particulars().export(),
                setUp().usual(),
                money.currency(),
                other ? rate(currency, siteId) : Optional.empty());
    }

    public CustomsDeclaration declaration(Shipment shipment, Jobs jobs) {
        return CustomsDeclaration.of(shipment, jobs, terms(jobs.leading(), shipment.siteId()));
    }

    public List<CustomsProblem> problems(Shipment shipment, Jobs jobs) {
        return DeclarationCheck.of(shipment, jobs, terms(jobs.leading(), shipment.siteId()), today(shipment.siteId()));
    }

    /**
     * The form of a package that goes by post: by what its contents are worth in the shop's currency, in which the rate of special
     * drawing rights is said.
     */
    public DeclarationForm.Choice form(Shipment shipment, Jobs jobs, int packageNumber) {
        return DeclarationForm.of(
                money.ofCents(
                        jobs.valueCents(shipment.packageNumbered(packageNumber).contents())),
                rate(ExchangeRate.SDR, shipment.siteId()));
    }

    private Optional<ExchangeRate> rate(String currency, long siteId) {
        return mapper.rate(currency, today(siteId));
    }

    private LocalDate today(long siteId) {
        return sites.timeAt(sites.byId(siteId)).toLocalDate();
    }

    public ExportSetUp setUp() {
        return mapper.setUp().orElse(ExportSetUp.AT_FIRST);
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

    /** @param setUp with the version that was looked at */
    @Transactional
    public void change(ExportSetUp setUp, String signIn) {
        ExportSetUp now = mapper.setUpLocked().orElse(ExportSetUp.AT_FIRST);
        if (now.version() != setUp.version()) {
            throw Refusal.changedSince("How the shop declares", "Somebody changed it meanwhile.", "Reload the page.");
        }
        mapper.keepSetUp(setUp, signIn, clock.instant());
        auditLog.write(
                signIn,
                "changed how the shop declares",
                setUp.signer(),
                setUp.incoterm() + ", " + setUp.reason().words());
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
