package nobrec.server.tracking;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.security.Principal;
import java.time.Duration;
import java.util.List;
import nobrec.core.refusal.Refusal;
import nobrec.core.tracking.AskingIntervals;
import nobrec.server.api.security.ForAdministrators;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.carrier.CarrierGateway;
import nobrec.server.carrier.ServiceCatalog;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How often each carrier is asked about its packages. */
@RestController
@RequestMapping("/api/v1/asking-intervals")
@Tag(name = "en route")
class IntervalController {

    private static final int DAY_MINUTES = 1_440;
    private static final int MONTH_MINUTES = 31 * DAY_MINUTES;

    /**
     * @param version that was looked at
     * @param usualMinutes while all is as it should be
     * @param dueTodayMinutes on the day on which a package is due
     * @param quietMinutes once it has not moved for that many days
     */
    record IntervalEntry(
            @Min(0) int version,
            @Min(5) @Max(DAY_MINUTES) int usualMinutes,
            @Min(5) @Max(DAY_MINUTES) int dueTodayMinutes,
            @Min(5) @Max(MONTH_MINUTES) int quietMinutes,
            @Min(1) @Max(90) int quietDays) {

        AskingIntervals intervals() {
            return new AskingIntervals(
                    Duration.ofMinutes(usualMinutes),
                    Duration.ofMinutes(dueTodayMinutes),
                    Duration.ofMinutes(quietMinutes),
                    quietDays);
        }
    }

    /** @param answers whether the carrier says at all what becomes of packages */
    record CarrierIntervals(String code, String name, boolean answers, IntervalEntry entry) {}

    record IntervalList(List<CarrierIntervals> rows) {}

    private final Intervals intervals;
    private final ServiceCatalog catalog;
    private final CarrierGateway gateway;

    IntervalController(Intervals intervals, ServiceCatalog catalog, CarrierGateway gateway) {
        this.intervals = intervals;
        this.catalog = catalog;
        this.gateway = gateway;
    }

    @GetMapping
    @ForAllButPackers
    IntervalList all() {
        return new IntervalList(intervals.all().stream().map(this::view).toList());
    }

    private CarrierIntervals view(Intervals.Kept kept) {
        AskingIntervals each = kept.intervals();
        return new CarrierIntervals(
                kept.carrierCode(),
                catalog.carrier(kept.carrierCode()).name(),
                answers(kept.carrierCode()),
                new IntervalEntry(
                        kept.version(),
                        (int) each.usual().toMinutes(),
                        (int) each.dueToday().toMinutes(),
                        (int) each.quiet().toMinutes(),
                        each.quietDays()));
    }

    private boolean answers(String carrierCode) {
        try {
            return gateway.tracks(catalog.carrier(carrierCode));
        } catch (Refusal notConnected) {
            return false;
        }
    }

    @PutMapping("/{carrier}")
    @ForAdministrators
    IntervalList keep(@PathVariable String carrier, @RequestBody @Valid IntervalEntry entry, Principal who) {
        if (entry.dueTodayMinutes() > entry.usualMinutes() || entry.quietMinutes() < entry.usualMinutes()) {
            throw Refusal.unusable(
                    "The intervals",
                    "A package is asked about at least as often on the day it is due, and at most as often once it is quiet.",
                    "Make the interval on the due day no longer than the usual one, and that of quiet packages no shorter.");
        }
        intervals.keep(carrier, entry.version(), entry.intervals(), who.getName());
        return all();
    }
}
