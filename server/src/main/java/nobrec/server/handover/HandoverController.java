package nobrec.server.handover;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import java.util.Optional;
import nobrec.core.calendar.LeavesBy;
import nobrec.core.handover.HandoverScan;
import nobrec.core.limit.Limits;
import nobrec.core.service.Carrier;
import nobrec.server.account.Accounts;
import nobrec.server.api.PdfAnswer;
import nobrec.server.api.list.Part;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.api.security.ForTheDesk;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.handover.HandoverView.ClosedView;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What drivers take. A site and a carrier have one handover at a time that is not closed. */
@RestController
@RequestMapping("/api/v1/handovers")
@Tag(name = "handover")
class HandoverController {

    /** What was scanned, as it was. */
    record Scanned(@NotNull @Size(max = Limits.TEXT) String text) {}

    /**
     * @param leavesBy whether its driver takes it, or we bring it to its counter
     * @param driver who takes it, or brings it; empty text where nobody says
     * @param packages how many the person saw in it
     */
    record Closing(
            @NotNull LeavesBy leavesBy,
            @NotNull @Size(max = Limits.TITLE) String driver,
            @Min(1) @Max(Limits.PACKAGES_OF_HANDOVER) int packages) {}

    private final Handovers handovers;
    private final HandoverClosing closing;
    private final HandoverViews views;
    private final ServiceCatalog catalog;
    private final TruckBills truckBills;
    private final Sites sites;
    private final Accounts accounts;

    HandoverController(
            Handovers handovers,
            HandoverClosing closing,
            HandoverViews views,
            ServiceCatalog catalog,
            TruckBills truckBills,
            Sites sites,
            Accounts accounts) {
        this.handovers = handovers;
        this.closing = closing;
        this.views = views;
        this.catalog = catalog;
        this.truckBills = truckBills;
        this.sites = sites;
        this.accounts = accounts;
    }

    /** Today's pickups at the sites that are looked at. */
    @GetMapping
    @ForEveryone
    HandoverView.HandoverDay today(Principal who) {
        return views.day(accounts.sitesOf(who.getName()));
    }

    /** All there were, the newest first. */
    @GetMapping("/past")
    @ForEveryone
    HandoverView.ClosedList past(@ParameterObject @Valid Part part) {
        List<ClosedView> rows = views.newest(part.cursor(), part.limit());
        return new HandoverView.ClosedList(rows, part.next(rows, ClosedView::id));
    }

    @GetMapping("/{site}/{carrier}")
    @ForEveryone
    HandoverView one(@PathVariable String site, @PathVariable String carrier) {
        return views.of(sites.byCode(site), catalog.carrier(carrier), Optional.empty());
    }

    /** A scan that does not go is answered with the reason, and changes nothing. */
    @PostMapping("/{site}/{carrier}/scans")
    @ForTheDesk
    HandoverView scan(
            @PathVariable String site,
            @PathVariable String carrier,
            @Valid @RequestBody Scanned scanned,
            Principal who) {
        Site from = sites.byCode(site);
        Carrier by = catalog.carrier(carrier);
        HandoverScan scan = handovers.scan(from, by, scanned.text(), who.getName());
        return views.of(from, by, Optional.of(scan));
    }

    /** A package that was scanned in stays here after all. */
    @PostMapping("/{site}/{carrier}/taken-out")
    @ForTheDesk
    HandoverView takeOut(
            @PathVariable String site,
            @PathVariable String carrier,
            @Valid @RequestBody Scanned scanned,
            Principal who) {
        handovers.takeOut(sites.byCode(site), catalog.carrier(carrier), scanned.text(), who.getName());
        return one(site, carrier);
    }

    /** Puts all in that wait, without scanning them, if the shop allows that. */
    @PostMapping("/{site}/{carrier}/all")
    @ForTheDesk
    HandoverView takeAll(@PathVariable String site, @PathVariable String carrier, Principal who) {
        handovers.takeAll(sites.byCode(site), catalog.carrier(carrier), who.getName());
        return one(site, carrier);
    }

    /** The driver has it. */
    @PostMapping("/{site}/{carrier}/closing")
    @ForTheDesk
    HandoverView close(
            @PathVariable String site, @PathVariable String carrier, @Valid @RequestBody Closing order, Principal who) {
        closing.close(
                sites.byCode(site),
                catalog.carrier(carrier),
                order.leavesBy(),
                order.driver(),
                order.packages(),
                who.getName());
        return one(site, carrier);
    }

    /** What was left open on an earlier day goes today. */
    @PostMapping("/{site}/{carrier}/today")
    @ForTheDesk
    HandoverView moveToToday(@PathVariable String site, @PathVariable String carrier, Principal who) {
        handovers.moveToToday(sites.byCode(site), catalog.carrier(carrier), who.getName());
        return one(site, carrier);
    }

    /** The bill over all shipments of a handover that go by freight, with their stops. */
    @GetMapping(path = "/{id}/master-bill", produces = MediaType.APPLICATION_PDF_VALUE)
    @ForEveryone
    ResponseEntity<byte[]> masterBill(@PathVariable long id) {
        return PdfAnswer.of("master-bill-" + id, truckBills.of(id));
    }
}
