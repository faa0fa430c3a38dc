package nobrec.server.customs;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.security.Principal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nobrec.core.customs.ExchangeRate;
import nobrec.core.customs.ExportReason;
import nobrec.core.customs.Incoterm;
import nobrec.core.limit.Limits;
import nobrec.core.notation.FigureText;
import nobrec.core.notation.Reading;
import nobrec.core.refusal.Refusal;
import nobrec.server.api.list.Choice;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.api.security.ForRuleKeepers;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.site.Sites;
import org.joda.money.CurrencyUnit;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the shop declares what leaves the country. */
@RestController
@RequestMapping("/api/v1/export-set-up")
@Tag(name = "export")
class CustomsSetUpController {

    private static final int RATE_PLACES = 8;
    private static final BigDecimal MOST = new BigDecimal("1000000");

    /**
     * @param version that was looked at; zero while nothing was set up
     * @param forwarder who is instructed, line by line; empty text for the carrier itself
     */
    record SetUpEntry(
            @Min(0) int version,
            @NotNull @Size(max = Limits.TEXT) String signer,
            @NotNull @Size(max = Limits.TEXT) String signerTitle,
            @NotNull @Size(max = Limits.TEXT) String taxNumber,
            @NotNull Incoterm incoterm,
            @NotNull ExportReason reason,
            @NotNull @Size(max = Limits.FORWARDER_LINES) List<@NotNull @Size(max = Limits.TEXT) String> forwarder) {}

    /**
     * @param currency three letters, ISO 4217; XDR for special drawing rights
     * @param rate as it is typed: what one of it costs in the shop's currency
     */
    record RateEntry(
            @NotNull @Size(max = 10) String currency,
            @NotNull LocalDate day,
            @NotNull @Size(max = Limits.FIGURE_TEXT) String rate) {}

    /** @param old whether it should be said again */
    record RateView(String currency, String name, LocalDate day, String rate, boolean old) {}

    record ServicePapers(String service, String countries, List<String> papers) {}

    /** @param ours the shop's own currency */
    record SetUpView(
            SetUpEntry setUp,
            String ours,
            LocalDate today,
            List<Choice> incoterms,
            List<Choice> reasons,
            List<RateView> rates,
            List<ServicePapers> services) {}

    private final Customs customs;
    private final ServiceCatalog catalog;
    private final Sites sites;
    private final ShopMoney money;
    private final NobrecSettings settings;

    CustomsSetUpController(
            Customs customs, ServiceCatalog catalog, Sites sites, ShopMoney money, NobrecSettings settings) {
        this.customs = customs;
        this.catalog = catalog;
        this.sites = sites;
        this.money = money;
        this.settings = settings;
    }

    @GetMapping
    @ForEveryone
    SetUpView setUp() {
        ExportSetUp now = customs.setUp();
        LocalDate today = sites.timeAt(sites.home()).toLocalDate();
        return new SetUpView(
                new SetUpEntry(
                        now.version(),
                        now.signer(),
                        now.signerTitle(),
                        now.taxNumber(),
                        now.incoterm(),
                        now.reason(),
                        now.forwarder().lines().toList()),
                money.currency().getCode(),
                today,
                Arrays.stream(Incoterm.values())
                        .map(each -> new Choice(each.name(), each.words()))
                        .toList(),
                Arrays.stream(ExportReason.values())
                        .map(each -> new Choice(each.name(), each.words()))
                        .toList(),
                customs.rates().stream().map(rate -> view(rate, today)).toList(),
                catalog.services().stream()
                        .filter(service -> !service.limits().countries().isEmpty())
                        .map(service -> new ServicePapers(
                                service.name(),
                                service.limits().countries().stream()
                                        .sorted()
                                        .reduce((a, b) -> a + " " + b)
                                        .orElse(""),
                                service.exportPapers().stream()
                                        .map(paper -> paper.kind().words()
                                                + (paper.copies() > 1 ? ", " + paper.copies() + " copies" : ""))
                                        .toList()))
                        .toList());
    }

    private static RateView view(ExchangeRate rate, LocalDate today) {
        return new RateView(
                rate.currency(),
                name(rate.currency()),
                rate.day(),
                rate.rate().stripTrailingZeros().toPlainString(),
                rate.isOldOn(today));
    }

    private static String name(String currency) {
        return Currency.getInstance(currency).getDisplayName(Locale.US);
    }

    @PutMapping
    @ForRuleKeepers
    SetUpView change(@Valid @RequestBody SetUpEntry entry, Principal who) {
        customs.change(
                new ExportSetUp(
                        entry.version(),
                        entry.signer().strip(),
                        entry.signerTitle().strip(),
                        entry.taxNumber().strip(),
                        entry.incoterm(),
                        entry.reason(),
                        String.join("\n", entry.forwarder()).strip()),
                who.getName());
        return setUp();
    }

    @PostMapping("/rates")
    @ForRuleKeepers
    SetUpView keepRate(@Valid @RequestBody RateEntry entry, Principal who) {
        customs.keep(new ExchangeRate(currency(entry.currency()), day(entry.day()), rate(entry.rate())), who.getName());
        return setUp();
    }

    private String currency(String text) {
        String code = text.strip().toUpperCase(Locale.ROOT);
        Optional<CurrencyUnit> known = CurrencyUnit.registeredCurrencies().stream()
                .filter(each -> each.getCode().equals(code))
                .findFirst();
        if (known.isEmpty()) {
            throw Refusal.unusable(
                    "The rate",
                    "There is no currency “" + text.strip() + "”.",
                    "Write its three letters (ISO 4217), like EUR.");
        }
        if (known.get().equals(money.currency())) {
            throw Refusal.unusable("The rate", code + " is the shop's own currency.", "Choose another one.");
        }
        return code;
    }

    private static LocalDate day(LocalDate day) {
        if (!Limits.holdsDay(day)) {
            throw Refusal.unusable("The rate", "Its day, " + day + ", cannot be right.", "Write today or earlier.");
        }
        return day;
    }

    private BigDecimal rate(String text) {
        Reading<BigDecimal> read = FigureText.read(text, settings.decimals());
        return read.found()
                .filter(rate -> rate.compareTo(MOST) <= 0)
                .map(rate -> rate.setScale(RATE_PLACES, RoundingMode.HALF_UP))
                .filter(rate -> rate.signum() > 0)
                .orElseThrow(() -> Refusal.unusable(
                        "The rate",
                        "“" + text.strip() + "” is no rate.",
                        "Write what one of it costs in " + money.currency().getCode() + ", like 1.0832."));
    }
}
