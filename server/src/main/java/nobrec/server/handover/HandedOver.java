package nobrec.server.handover;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.calendar.LeavesBy;
import nobrec.core.notation.DayWords;
import nobrec.core.refusal.Refusal;
import nobrec.core.shipment.Shipment;
import nobrec.server.api.PageAddress;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.shipment.DepartedRow;
import nobrec.server.shipment.HandedPackages;
import nobrec.server.site.Sites;
import nobrec.server.voiding.VoidObstacle;
import org.springframework.stereotype.Component;

/** What a driver has cannot be voided any more. */
@Component
public class HandedOver implements VoidObstacle {

    private final HandoverMapper mapper;
    private final HandedPackages packages;
    private final ServiceCatalog catalog;
    private final Sites sites;

    HandedOver(HandoverMapper mapper, HandedPackages packages, ServiceCatalog catalog, Sites sites) {
        this.sites = sites;
        this.mapper = mapper;
        this.packages = packages;
        this.catalog = catalog;
    }

    @Override
    public Optional<Refusal> obstacle(Shipment shipment, String job) {
        return said(shipment)
                .map(said ->
                        Refusal.conflict("Job " + job, said, "Speak with the carrier: it cannot be voided any more."));
    }

    /**
     * One that was left open on an earlier day.
     *
     * @param address where in the application it is
     */
    public record LeftOpen(long siteId, String carrier, LocalDate day, int packages, String address) {}

    /** Those left open on an earlier day: to be closed, or moved to today, before anything else goes. */
    public List<LeftOpen> leftOpen() {
        return mapper.allOpen().stream()
                .filter(row -> row.state() == HandoverState.OPEN)
                .filter(row -> row.day()
                        .isBefore(sites.timeAt(sites.byId(row.siteId())).toLocalDate()))
                .map(this::leftOpen)
                .toList();
    }

    private LeftOpen leftOpen(HandoverRow row) {
        return new LeftOpen(
                row.siteId(),
                catalog.carrier(row.carrierCode()).name(),
                row.day(),
                packages.in(row.id()).stream().mapToInt(DepartedRow::packages).sum(),
                PageAddress.handover(sites.byId(row.siteId()).code(), row.carrierCode()));
    }

    /** What a shipment's site has left open, in words; empty where it has nothing. */
    public Optional<String> leftOpenAt(long siteId) {
        return leftOpen().stream()
                .filter(each -> each.siteId() == siteId)
                .findFirst()
                .map(each ->
                        "The handover to " + each.carrier() + " of " + DayWords.day(each.day()) + " is still open.");
    }

    /** With whom packages of a shipment left, and when; empty while none of them has. */
    public Optional<String> said(Shipment shipment) {
        return packages.handoverOf(
                        shipment.packages().stream().map(Shipment.Package::id).toList())
                .flatMap(id -> mapper.byId(id).filter(row -> row.state() != HandoverState.OPEN))
                .map(this::words);
    }

    private String words(HandoverRow row) {
        boolean brought = row.leavesBy() == LeavesBy.DROP_OFF;
        return (brought ? "Dropped off at " : "Handed to ")
                + catalog.carrier(row.carrierCode()).name() + " on " + DayWords.day(row.day())
                + (row.driver().isEmpty() ? "" : (brought ? ", by " : ", driver ") + row.driver())
                + (row.carrierManifest().isEmpty() ? "" : ", manifest " + row.carrierManifest()) + ".";
    }
}
