package nobrec.server.customer;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import nobrec.core.address.Countries;
import nobrec.core.address.PostalAddress;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.api.security.ForCustomers;
import nobrec.server.site.Sites;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The page of a job for its customer, by a sealed link. Plain pages and forms: no script, no sign-in, nothing else is reached from it. */
@RestController
@Hidden
@RequestMapping(CustomerLinks.PATH + "{token}")
class CustomerPageController {

    private static final Map<String, String> SAID = Map.of(
            "chosen", "Chosen. It goes that way, at that price.",
            "address", "The address is corrected.",
            "asked", "We have your address. It counts once we have said yes.");

    private static final List<String> ADDRESS =
            List.of("company", "person", "street", "street2", "city", "state", "postalCode", "country");

    private final CustomerLinks links;
    private final CustomerPages pages;
    private final CustomerActs acts;
    private final AskedAddresses addresses;
    private final CustomerHtml html;
    private final VisitPace pace;
    private final Sites sites;

    CustomerPageController(
            CustomerLinks links,
            CustomerPages pages,
            CustomerActs acts,
            AskedAddresses addresses,
            CustomerHtml html,
            VisitPace pace,
            Sites sites) {
        this.links = links;
        this.pages = pages;
        this.acts = acts;
        this.addresses = addresses;
        this.html = html;
        this.pace = pace;
        this.sites = sites;
    }

    @GetMapping(produces = MediaType.TEXT_HTML_VALUE)
    @ForCustomers
    ResponseEntity<String> look(
            @PathVariable String token, @RequestParam(defaultValue = "") String said, HttpServletRequest request) {
        return visited(token, request, job -> {
            acts.seen(job);
            return page(HttpStatus.OK, job, token, Map.of("said", SAID.getOrDefault(said, "")));
        });
    }

    @PostMapping(path = "/way", produces = MediaType.TEXT_HTML_VALUE)
    @ForCustomers
    ResponseEntity<String> choose(
            @PathVariable String token,
            @RequestParam(defaultValue = "") String way,
            @RequestParam(defaultValue = "") String before,
            HttpServletRequest request) {
        return visited(token, request, job -> {
            int price = way.lastIndexOf(' ');
            try {
                if (price < 0) {
                    throw Refusal.unusable("Your choice", "No way was chosen.", "Choose one of those below.");
                }
                acts.choose(job, way.substring(0, price), way.substring(price + 1), before);
                return seeOther(token, "chosen");
            } catch (Refusal refusal) {
                return trouble(refusal, links.jobOf(token), token, Map.of());
            }
        });
    }

    @PostMapping(path = "/address", produces = MediaType.TEXT_HTML_VALUE)
    @ForCustomers
    ResponseEntity<String> correct(
            @PathVariable String token, @RequestParam Map<String, String> typed, HttpServletRequest request) {
        return visited(token, request, job -> {
            try {
                return seeOther(token, addresses.ask(job, address(typed)) ? "asked" : "address");
            } catch (Refusal refusal) {
                return trouble(refusal, links.jobOf(token), token, Map.of("address", shown(typed), "correcting", true));
            }
        });
    }

    private static Map<String, String> shown(Map<String, String> typed) {
        Map<String, String> shown = new HashMap<>();
        ADDRESS.forEach(field -> shown.put(field, typed.getOrDefault(field, "")));
        return shown;
    }

    private PostalAddress address(Map<String, String> typed) {
        Function<String, String> text = field -> text(typed, field, Limits.TEXT);
        return new PostalAddress(
                text.apply("company"),
                text.apply("person"),
                text.apply("street"),
                text.apply("street2"),
                text.apply("city"),
                text.apply("state"),
                text.apply("postalCode"),
                Countries.codeOf(text.apply("country"), sites.home().country()));
    }

    /** @throws Refusal where it is longer than what can be kept of it */
    static String text(Map<String, String> typed, String field, int longest) {
        String text =
                typed.getOrDefault(field, "").replaceAll("\\p{Cntrl}+", " ").strip();
        if (text.length() > longest) {
            throw Refusal.unusable(
                    "What was typed", "One field holds more than " + longest + " letters.", "Shorten it.");
        }
        return text;
    }

    @GetMapping(path = "/papers/{id}", produces = MediaType.APPLICATION_PDF_VALUE)
    @ForCustomers
    ResponseEntity<byte[]> paper(@PathVariable String token, @PathVariable long id, HttpServletRequest request) {
        if (!pace.allows(request)) {
            return ResponseEntity.status(HttpStatus.TOO_MANY_REQUESTS).build();
        }
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"paper-" + id + ".pdf\"")
                .body(pages.paper(links.jobOf(token), id));
    }

    private ResponseEntity<String> visited(
            String token, HttpServletRequest request, Function<WorkOrder, ResponseEntity<String>> act) {
        return pace.allows(request)
                ? act.apply(links.jobOf(token))
                : html.said(
                        HttpStatus.TOO_MANY_REQUESTS,
                        "Too many visits",
                        "This page was asked for too often from where you are.",
                        "Wait a minute and load it again.");
    }

    private ResponseEntity<String> page(HttpStatus status, WorkOrder job, String token, Map<String, Object> more) {
        Map<String, Object> content = new HashMap<>(pages.of(job, token));
        content.putAll(more);
        return html.answer(status, "page", "Order " + job.number(), content);
    }

    private ResponseEntity<String> trouble(Refusal refusal, WorkOrder job, String token, Map<String, Object> more) {
        Map<String, Object> content = new HashMap<>(more);
        content.put("trouble", refusal.thing() + ": " + refusal.reason());
        content.put("remedy", refusal.remedy());
        return page(HttpStatus.CONFLICT, job, token, content);
    }

    /** So that loading the page again sends nothing again. */
    private static ResponseEntity<String> seeOther(String token, String said) {
        return ResponseEntity.status(HttpStatus.SEE_OTHER)
                .location(URI.create(CustomerLinks.PATH + token + "?said=" + said))
                .build();
    }

    @ExceptionHandler
    ResponseEntity<String> refused(Refusal refusal) {
        HttpStatus status = refusal.kind() == Refusal.Kind.NOT_FOUND ? HttpStatus.NOT_FOUND : HttpStatus.CONFLICT;
        return html.said(status, refusal.thing(), refusal.reason(), refusal.remedy());
    }
}
