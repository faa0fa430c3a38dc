package nobrec.server.partner;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nobrec.core.identifier.CompanyPrefix;
import nobrec.core.limit.Limits;
import nobrec.core.partner.InterchangeId;
import nobrec.core.partner.LabelElement;
import nobrec.core.partner.NoticeForm;
import nobrec.core.partner.PartnerProfile;
import nobrec.core.partner.ShopNumbers;
import nobrec.server.api.list.Choice;
import nobrec.server.api.security.ForAdministrators;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.connection.Connections;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Trading partners, and the numbers by which they know us. */
@RestController
@RequestMapping("/api/v1/partners")
@Tag(name = "partners")
class PartnerController {

    /**
     * @param version that was looked at; zero while nothing was set up
     * @param companyPrefix 4 to 12 digits; empty text for none
     * @param locationNumber 13 digits (GLN); empty text for none
     * @param interchangeQualifier two letters or digits
     * @param interchangeId at most 15; empty text for none
     */
    record NumbersEntry(
            @Min(0) int version,
            @NotNull @Size(max = 20) String companyPrefix,
            @Min(0) @Max(9) int extensionDigit,
            @NotNull @Size(max = 20) String locationNumber,
            @NotNull @Size(max = 2) String interchangeQualifier,
            @NotNull @Size(max = 20) String interchangeId) {}

    /**
     * @param version that was looked at; zero for a new one
     * @param customers as work orders call it
     * @param address URL, name of a folder, or any word for whoever comes
     * @param secret a new one; left out where the kept one stays
     * @param acknowledgedWithinHours zero where it does not acknowledge
     */
    record PartnerEntry(
            @Min(0) int version,
            @NotBlank @Size(max = Limits.PARTNER_NAME) String name,
            boolean active,

            @NotNull @Size(max = Limits.CUSTOMERS_OF_PARTNER)
            List<@NotBlank @Size(max = Limits.TEXT) String> customers,

            boolean label,
            @NotNull @Size(max = 5) Set<@NotNull LabelElement> elements,
            @NotNull NoticeForm form,
            @NotNull PartnerWay way,
            @NotNull @Size(max = Limits.ADDRESS_OUTSIDE) String address,
            Optional<@Size(max = Limits.SECRET) String> secret,
            @NotNull @Size(max = 20) String locationNumber,
            @NotNull @Size(max = 2) String interchangeQualifier,
            @NotNull @Size(max = 20) String interchangeId,
            boolean test,
            @Min(0) @Max(Limits.ACKNOWLEDGED_WITHIN_HOURS) int acknowledgedWithinHours) {}

    /** @param hasSecret whether one is kept for its calls to us */
    record PartnerView(String code, PartnerEntry partner, String wayInWords, boolean hasSecret) {}

    /**
     * @param packageNumbersLeft how many numbers of packages are left; left out while there is no prefix
     * @param mostElements so many of them have room on a label
     */
    record PartnersView(
            NumbersEntry numbers,
            Optional<Long> packageNumbersLeft,
            List<PartnerView> partners,
            List<Choice> elements,
            int mostElements,
            List<Choice> forms,
            List<Choice> ways) {}

    private final Partners partners;
    private final Connections connections;

    PartnerController(Partners partners, Connections connections) {
        this.partners = partners;
        this.connections = connections;
    }

    @GetMapping
    @ForAllButPackers
    PartnersView all() {
        SetUpRow now = partners.setUp();
        return new PartnersView(
                new NumbersEntry(
                        now.version(),
                        now.companyPrefix(),
                        now.extensionDigit(),
                        now.locationNumber(),
                        now.interchangeQualifier(),
                        now.interchangeId()),
                partners.left(),
                partners.all().stream().map(this::view).toList(),
                Arrays.stream(LabelElement.values())
                        .map(each -> new Choice(each.name(), "(" + each.identifier() + ") " + each.words()))
                        .toList(),
                PartnerProfile.MOST_ELEMENTS,
                Arrays.stream(NoticeForm.values())
                        .map(each -> new Choice(each.name(), each.words()))
                        .toList(),
                Arrays.stream(PartnerWay.values())
                        .map(each -> new Choice(each.name(), each.words()))
                        .toList());
    }

    private PartnerView view(Partner partner) {
        Optional<Connections.Named> connection = connections.find(partner.code());
        PartnerProfile profile = partner.profile();
        PartnerWay way = connection.map(each -> PartnerWay.of(each.adapter())).orElse(PartnerWay.HTTP);
        return new PartnerView(
                partner.code(),
                new PartnerEntry(
                        partner.version(),
                        profile.name(),
                        partner.active(),
                        profile.customers(),
                        profile.label(),
                        profile.elements(),
                        profile.form(),
                        way,
                        connection.map(each -> way.typed(each.address())).orElse(""),
                        Optional.empty(),
                        profile.locationNumber(),
                        profile.interchange().qualifier(),
                        profile.interchange().id(),
                        profile.test(),
                        profile.acknowledgedWithinHours()),
                way.words(),
                connection.filter(Connections.Named::hasSecret).isPresent());
    }

    @PutMapping("/numbers")
    @ForAdministrators
    PartnersView changeNumbers(@RequestBody @Valid NumbersEntry entry, Principal who) {
        String prefix = entry.companyPrefix().strip();
        partners.change(
                new ShopNumbers(
                        prefix.isEmpty() ? Optional.empty() : Optional.of(new CompanyPrefix(prefix)),
                        entry.extensionDigit(),
                        entry.locationNumber().strip(),
                        InterchangeId.read(
                                "ours",
                                entry.interchangeQualifier().strip(),
                                entry.interchangeId().strip())),
                entry.version(),
                who.getName());
        return all();
    }

    @PostMapping
    @ForAdministrators
    PartnersView add(@RequestBody @Valid PartnerEntry entry, Principal who) {
        partners.add(profile(entry), entry.active(), reach(entry), who.getName());
        return all();
    }

    @PutMapping("/{code}")
    @ForAdministrators
    PartnersView change(
            @PathVariable @Size(max = Limits.TEXT) String code, @RequestBody @Valid PartnerEntry entry, Principal who) {
        partners.change(
                new Partner(code, entry.version(), entry.active(), profile(entry)), reach(entry), who.getName());
        return all();
    }

    private static PartnerProfile profile(PartnerEntry entry) {
        return new PartnerProfile(
                entry.name().strip(),
                entry.customers().stream().map(String::strip).toList(),
                entry.label(),
                entry.elements(),
                entry.form(),
                entry.locationNumber().strip(),
                InterchangeId.read(
                        entry.name().strip(),
                        entry.interchangeQualifier().strip(),
                        entry.interchangeId().strip()),
                entry.test(),
                entry.acknowledgedWithinHours());
    }

    /** One that is told nothing needs no way: it could come for notices, and there are none. */
    private static Partners.Reach reach(PartnerEntry entry) {
        String address = entry.address().strip();
        PartnerWay way = entry.form() == NoticeForm.NONE && address.isEmpty() ? PartnerWay.FETCHED : entry.way();
        return new Partners.Reach(
                way.adapter(),
                way.address(address.isEmpty() && way == PartnerWay.FETCHED ? "partner" : address),
                entry.secret().filter(secret -> !secret.isEmpty()));
    }
}
