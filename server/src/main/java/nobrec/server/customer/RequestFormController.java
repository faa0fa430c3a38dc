package nobrec.server.customer;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nobrec.core.limit.Limits;
import nobrec.core.measure.UnitSystem;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Service;
import nobrec.core.telling.Moment;
import nobrec.server.api.request.SenderAddress;
import nobrec.server.api.security.ForCustomers;
import nobrec.server.bench.FreightQuotes;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.mail.MailRules;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.site.Sites;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The form by which anybody asks what freight would cost; the shop links it from where its customers are. */
@RestController
@Hidden
@RequestMapping(RequestFormController.PATH)
class RequestFormController {

    static final String PATH = "/request";

    private static final int LONGEST_ADDRESS = 254;
    private static final String TEMPLATE = "form";
    private static final String TITLE = "What would freight cost?";
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE, MMM d", Locale.US);
    private static final List<String> FIELDS = List.of(
            "what",
            "pieces",
            "weight",
            "size",
            "company",
            "person",
            "street",
            "street2",
            "city",
            "state",
            "postalCode",
            "country",
            "service",
            "neededBy",
            "mail",
            "phone",
            "notes");

    private static final Map<String, Integer> LONGER = Map.of("notes", Limits.NOTES, "mail", LONGEST_ADDRESS);

    private final RequestForm form;
    private final CustomerSettings settings;
    private final ServiceCatalog catalog;
    private final MailRules mailRules;
    private final CustomerHtml html;
    private final VisitPace pace;
    private final Sites sites;
    private final UnitSystem units;

    RequestFormController(
            RequestForm form,
            CustomerSettings settings,
            ServiceCatalog catalog,
            MailRules mailRules,
            CustomerHtml html,
            VisitPace pace,
            Sites sites,
            NobrecSettings units) {
        this.form = form;
        this.settings = settings;
        this.catalog = catalog;
        this.mailRules = mailRules;
        this.html = html;
        this.pace = pace;
        this.sites = sites;
        this.units = units.units();
    }

    @GetMapping(produces = MediaType.TEXT_HTML_VALUE)
    @ForCustomers
    ResponseEntity<String> empty() {
        requireForm();
        return filled(
                HttpStatus.OK, Map.of("pieces", "1", "country", sites.home().country()), Map.of());
    }

    @PostMapping(produces = MediaType.TEXT_HTML_VALUE)
    @ForCustomers
    ResponseEntity<String> ask(@RequestParam Map<String, String> sent, HttpServletRequest request) {
        requireForm();
        // a field that no person sees
        if (!sent.getOrDefault("website", "").isEmpty() || !pace.allows(request)) {
            return html.said(
                    HttpStatus.TOO_MANY_REQUESTS,
                    "Not taken",
                    "We could not take this request.",
                    "Wait a minute and try again, or write to us.");
        }
        try {
            Map<String, String> typed = new HashMap<>();
            FIELDS.forEach(field -> typed.put(
                    field, CustomerPageController.text(sent, field, LONGER.getOrDefault(field, Limits.TEXT))));
            RequestForm.Taken taken = form.take(typed, SenderAddress.of(request));
            return html.said(
                    HttpStatus.OK,
                    "Request " + taken.number(),
                    taken.quoted()
                            .map(RequestFormController::words)
                            .orElse("We have it, and a person looks at it. Our answer comes by mail."),
                    isWrittenTo(taken)
                            ? "We write to " + typed.get("mail") + "."
                            : "Name the request's number when you write to us.");
        } catch (Refusal refusal) {
            return filled(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    sent,
                    Map.of("trouble", refusal.reason(), "remedy", refusal.remedy()));
        }
    }

    /** What is quoted at once is written by rule only; what is not, a person answers. */
    private boolean isWrittenTo(RequestForm.Taken taken) {
        return taken.quoted().isEmpty() || mailRules.countAt(Moment.QUOTED) > 0;
    }

    private static String words(FreightQuotes.Quoted quoted) {
        return "By " + quoted.service() + " it costs " + ShopMoney.show(quoted.customerPays()) + " "
                + quoted.customerPays().getCurrencyUnit() + " to send it back; it would be there "
                + DAY.format(quoted.delivery()) + " if it left today. The price counts until "
                + DAY.format(quoted.validUntil()) + ".";
    }

    private ResponseEntity<String> filled(HttpStatus status, Map<String, String> typed, Map<String, Object> more) {
        Map<String, Object> fields = new HashMap<>();
        FIELDS.forEach(field -> fields.put(field, typed.getOrDefault(field, "")));
        fields.put("services", services(typed.getOrDefault("service", "")));
        fields.put("weightUnit", units.weightUnit().symbol());
        fields.put("lengthUnit", units.lengthUnit().symbol());
        Map<String, Object> content = new HashMap<>(more);
        content.put("typed", fields);
        content.put("formWords", settings.now().formWords());
        return html.answer(status, TEMPLATE, TITLE, content);
    }

    private List<Map<String, Object>> services(String chosen) {
        List<String> allowed = settings.now().services();
        return catalog.services().stream()
                .filter(service -> allowed.isEmpty() || allowed.contains(service.code()))
                .map((Service service) -> Map.<String, Object>of(
                        "code", service.code(),
                        "name", service.name(),
                        "chosen", service.code().equals(chosen)))
                .toList();
    }

    private void requireForm() {
        if (!settings.now().form()) {
            throw Refusal.notFound("This form", "Write to us.");
        }
    }

    @ExceptionHandler
    ResponseEntity<String> refused(Refusal refusal) {
        return html.said(HttpStatus.NOT_FOUND, refusal.thing(), "It is not here.", refusal.remedy());
    }
}
