package nobrec.server.customer;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.core.telling.Moment;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.api.figure.Amount;
import nobrec.server.api.list.Choice;
import nobrec.server.api.security.ForAdministrators;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.document.PaperKind;
import nobrec.server.mail.MailRules;
import nobrec.server.mail.MailSettings;
import nobrec.server.platform.kept.KeptDocument;
import nobrec.server.workorder.WorkOrders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What customers asked and chose, for whoever answers them, and what they may do. */
@RestController
@RequestMapping("/api/v1/customers")
@Tag(name = "customers")
class CustomerController {

    private static final int SHOWN = 50;

    /**
     * An address that waits for the shop.
     *
     * @param before where it goes by the record
     * @param reason why the shop is asked
     * @param priceBefore what the customer pays as it stood; left out where that was not known
     * @param priceNow what the customer would pay there, as it was computed last; left out where it has no price
     */
    record AskedView(
            long id,
            String job,
            String customer,
            String before,
            String address,
            String reason,
            Instant askedAt,
            Optional<Amount> priceBefore,
            Optional<Amount> priceNow) {}

    /** @param price as quoted at once; left out where a person answers */
    record RequestView(
            String job,
            String customer,
            String what,
            String mail,
            Instant askedAt,
            boolean request,
            String service,
            Optional<Amount> price) {}

    record ChosenView(String job, String customer, String service, Amount price, Instant chosenAt) {}

    record CustomerList(List<AskedView> asked, List<RequestView> requests, List<ChosenView> chosen) {}

    /**
     * @param seen what the customer would pay there as it was seen; empty text where it was not known
     * @param text why not, as the customer reads it
     */
    record AddressReply(
            boolean yes,
            @NotNull @Size(max = Limits.FIGURE_TEXT) String seen,
            @NotNull @Size(max = 500) String text) {}

    /**
     * The page of one job.
     *
     * @param address to be given to the customer only; empty text where the page is off
     * @param seenAt when somebody looked at it last
     * @param service chosen by the customer; empty text for none
     */
    record PageView(String address, Optional<Instant> seenAt, String service, Optional<Amount> price) {}

    record JobEntry(@NotBlank @Size(max = Limits.TEXT) String job) {}

    /**
     * @param formAddress to link; empty text where customers do not reach this server
     * @param quoteMails how many emails are written at the moment quoted
     */
    record SettingView(
            int version,
            CustomerSettingDocument setting,
            List<Choice> services,
            List<Choice> papers,
            String formAddress,
            int quoteMails) {}

    record SettingEntry(@Min(0) int version, @NotNull @Valid CustomerSettingDocument setting) {}

    private final CustomerMapper mapper;
    private final CustomerSettings settings;
    private final CustomerLinks links;
    private final AskedAddresses addresses;
    private final WorkOrders workOrders;
    private final ServiceCatalog catalog;
    private final MailSettings mail;
    private final MailRules mailRules;

    CustomerController(
            CustomerMapper mapper,
            CustomerSettings settings,
            CustomerLinks links,
            AskedAddresses addresses,
            WorkOrders workOrders,
            ServiceCatalog catalog,
            MailSettings mail,
            MailRules mailRules) {
        this.mapper = mapper;
        this.settings = settings;
        this.links = links;
        this.addresses = addresses;
        this.workOrders = workOrders;
        this.catalog = catalog;
        this.mail = mail;
        this.mailRules = mailRules;
    }

    @GetMapping
    @ForAllButPackers
    CustomerList list() {
        return new CustomerList(
                addresses.awaited(SHOWN).stream().map(this::view).toList(),
                mapper.newestRequests(SHOWN).stream().map(this::view).toList(),
                mapper.chosen(SHOWN).stream().map(this::view).toList());
    }

    private AskedView view(AskedAddressRow row) {
        WorkOrder job = workOrders.byId(row.workOrderId());
        return new AskedView(
                row.id(),
                job.number(),
                job.customer(),
                row.beforeLine(),
                AskedAddresses.line(row.address()),
                row.reason(),
                row.askedAt(),
                Optional.ofNullable(row.priceBefore()).map(Amount::of),
                Optional.ofNullable(row.priceAfter()).map(Amount::of));
    }

    private RequestView view(FormRequestRow row) {
        WorkOrder job = workOrders.byId(row.workOrderId());
        return new RequestView(
                job.number(),
                job.customer(),
                job.lines().isEmpty()
                        ? ""
                        : job.lines().get(0).quantityOrdered() + " "
                                + job.lines().get(0).name(),
                row.mail(),
                row.askedAt(),
                job.status() == WorkOrderStatus.REQUEST,
                row.serviceName(),
                Optional.ofNullable(row.price()).map(Amount::of));
    }

    private ChosenView view(LinkRow row) {
        WorkOrder job = workOrders.byId(row.workOrderId());
        return new ChosenView(
                job.number(),
                job.customer(),
                row.serviceName(),
                Optional.ofNullable(row.price()).map(Amount::of).orElseThrow(),
                Optional.ofNullable(row.chosenAt()).orElseThrow());
    }

    /** The shop says yes or no to an address a customer asked for. */
    @PostMapping("/addresses/{id}/answer")
    @ForCoordinators
    CustomerList answer(@PathVariable long id, @RequestBody @Valid AddressReply reply, Principal who) {
        if (reply.yes()) {
            addresses.sayYes(id, reply.seen().strip(), who.getName());
        } else {
            addresses.sayNo(id, reply.text().strip(), who.getName());
        }
        return list();
    }

    @GetMapping("/page")
    @ForAllButPackers
    PageView page(@RequestParam @Size(max = Limits.TEXT) String job) {
        long id = workOrders.idOf(job.strip());
        LinkRow row = links.row(id);
        return new PageView(
                links.of(id),
                Optional.ofNullable(row.seenAt()),
                row.serviceName(),
                Optional.ofNullable(row.price()).map(Amount::of));
    }

    /** Every link to the page of a job that was ever told leads nowhere from now on; the answer holds the new one. */
    @PostMapping("/page/withdrawal")
    @ForCoordinators
    PageView withdraw(@RequestBody @Valid JobEntry entry, Principal who) {
        links.withdraw(entry.job().strip(), who.getName());
        return page(entry.job());
    }

    @GetMapping("/setting")
    @ForAllButPackers
    SettingView setting() {
        KeptDocument.Kept<CustomerSettingDocument> kept = settings.kept();
        String reachedAt = mail.look().reachedAt();
        return new SettingView(
                kept.version(),
                kept.document(),
                catalog.services().stream()
                        .map(each -> new Choice(each.code(), each.name()))
                        .toList(),
                Arrays.stream(PaperKind.values())
                        .filter(CustomerSettings.PAPERS_FOR_CUSTOMERS::contains)
                        .map(each -> new Choice(each.name(), each.words()))
                        .toList(),
                reachedAt.isEmpty() ? "" : reachedAt + RequestFormController.PATH,
                mailRules.countAt(Moment.QUOTED));
    }

    @PutMapping("/setting")
    @ForAdministrators
    SettingView change(@RequestBody @Valid SettingEntry entry, Principal who) {
        settings.change(entry.version(), entry.setting(), who.getName());
        return setting();
    }
}
