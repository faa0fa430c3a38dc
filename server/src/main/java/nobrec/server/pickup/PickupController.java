package nobrec.server.pickup;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import nobrec.core.limit.Limits;
import nobrec.core.measure.Weight;
import nobrec.core.notation.MeasureText;
import nobrec.core.notation.Reading;
import nobrec.core.refusal.Refusal;
import nobrec.server.account.Accounts;
import nobrec.server.api.figure.WeightFigure;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.api.security.ForTheDesk;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.site.Sites;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Pickups that carriers are asked for. */
@RestController
@RequestMapping("/api/v1/pickups")
@Tag(name = "pickups")
class PickupController {

    /**
     * @param readyAt from when what is to be picked up is ready, in the site's own time
     * @param closesAt until when the driver can come
     * @param stands where it stands
     * @param weight of all of it, as it is typed
     */
    record Wish(
            @NotNull @Size(max = Limits.CODE) String site,
            @NotNull @Size(max = Limits.CODE) String carrier,
            @NotNull LocalDate day,
            @NotNull LocalTime readyAt,
            @NotNull LocalTime closesAt,
            @NotNull @Size(max = Limits.TITLE) String stands,
            @Min(1) @Max(Limits.PACKAGES_OF_HANDOVER) int packages,
            @NotNull @Size(max = Limits.FIGURE_TEXT) String weight) {}

    /** @param said why the carrier refused; empty text where it did not */
    record PickupView(
            long id,
            String siteCode,
            String carrierCode,
            String carrier,
            LocalDate day,
            LocalTime readyAt,
            LocalTime closesAt,
            String stands,
            int packages,
            WeightFigure weight,
            PickupState state,
            String confirmation,
            String said,
            String askedBy) {}

    record PickupList(List<PickupView> rows) {}

    private final Pickups pickups;
    private final ServiceCatalog catalog;
    private final Sites sites;
    private final Accounts accounts;
    private final NobrecSettings settings;

    PickupController(Pickups pickups, ServiceCatalog catalog, Sites sites, Accounts accounts, NobrecSettings settings) {
        this.pickups = pickups;
        this.catalog = catalog;
        this.sites = sites;
        this.accounts = accounts;
        this.settings = settings;
    }

    /** Those of today and later. */
    @GetMapping
    @ForEveryone
    PickupList all() {
        return new PickupList(pickups.fromToday().stream().map(this::view).toList());
    }

    @PostMapping
    @ForTheDesk
    PickupList ask(@Valid @RequestBody Wish wish, Principal who) {
        pickups.ask(
                sites.byCode(wish.site()),
                catalog.carrier(wish.carrier()),
                new NewPickup.PickupWish(
                        wish.day(),
                        wish.readyAt(),
                        wish.closesAt(),
                        wish.stands().strip(),
                        wish.packages(),
                        weight(wish.weight())),
                who.getName());
        return all();
    }

    private Weight weight(String text) {
        Reading<Weight> reading = MeasureText.readWeight(text, settings.units(), settings.decimals());
        if (reading instanceof Reading.Refused<Weight> refused) {
            throw Refusal.unusable("The weight", refused.reason(), refused.remedy());
        }
        return reading.found().orElseThrow();
    }

    @PostMapping("/{id}/call-off")
    @ForTheDesk
    PickupList callOff(@PathVariable long id, Principal who) {
        pickups.callOff(id, who.getName());
        return all();
    }

    private PickupView view(PickupRequestRow row) {
        return new PickupView(
                row.id(),
                sites.byId(row.siteId()).code(),
                row.carrierCode(),
                catalog.carrier(row.carrierCode()).name(),
                row.day(),
                row.readyAt(),
                row.closesAt(),
                row.stands(),
                row.packages(),
                WeightFigure.of(row.weight(), settings.units()),
                row.state(),
                row.confirmation(),
                row.said(),
                accounts.displayName(row.askedBy()));
    }
}
