package nobrec.server.handover;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import nobrec.core.calendar.Pickup;
import nobrec.core.handover.HandoverScan;
import nobrec.core.handover.HandoverScan.Inside;
import nobrec.core.handover.HandoverScan.Labeled;
import nobrec.core.handover.HandoverScan.Wanted;
import nobrec.core.identifier.TrackingText;
import nobrec.core.limit.Limits;
import nobrec.core.refusal.Refusal;
import nobrec.core.service.Carrier;
import nobrec.server.account.Accounts;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.returns.ReturnsOfShipments;
import nobrec.server.shipment.HandedPackages;
import nobrec.server.shipment.LabeledRow;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Site;
import nobrec.server.site.Sites;
import nobrec.server.voiding.Voiding;
import nobrec.server.workorder.WorkOrders;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Scanning packages into what a driver takes. Locks: the handover, then shipments. */
@Service
class Handovers {

    private final HandoverMapper mapper;
    private final HandedPackages packages;
    private final Shipments shipments;
    private final WorkOrders workOrders;
    private final ReturnsOfShipments returns;
    private final Voiding voiding;
    private final ServiceCatalog catalog;
    private final Sites sites;
    private final Accounts accounts;
    private final AuditLog auditLog;
    private final Clock clock;

    Handovers(
            HandoverMapper mapper,
            HandedPackages packages,
            Shipments shipments,
            WorkOrders workOrders,
            ReturnsOfShipments returns,
            Voiding voiding,
            ServiceCatalog catalog,
            Sites sites,
            Accounts accounts,
            AuditLog auditLog,
            Clock clock) {
        this.mapper = mapper;
        this.packages = packages;
        this.shipments = shipments;
        this.workOrders = workOrders;
        this.returns = returns;
        this.voiding = voiding;
        this.catalog = catalog;
        this.sites = sites;
        this.accounts = accounts;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    /** Codes of a carrier's services. */
    List<String> services(Carrier carrier) {
        return catalog.services().stream()
                .filter(service -> service.carrier().code().equals(carrier.code()))
                .map(service -> service.code())
                .toList();
    }

    /** The day of the pickup that is next there: today's, until the day is over. */
    LocalDate pickupDay(Site site, Carrier carrier) {
        LocalDateTime now = sites.timeAt(site);
        Pickup pickup = catalog.pickups(site.id()).get(carrier.code());
        return pickup == null || pickup.comesOn(now.toLocalDate()) ? now.toLocalDate() : pickup.departureFor(now);
    }

    /** Takes a package, or says why it does not go; the first one taken begins the handover. */
    @Transactional
    HandoverScan scan(Site site, Carrier carrier, String text, String signIn) {
        Optional<HandoverRow> open = openForScans(site, carrier);
        String number = TrackingText.plain(text);
        Optional<LabeledRow> found = packages.labeled(number);
        if (found.isEmpty()) {
            return unknown(text.strip(), number);
        }
        LabeledRow row = found.get();
        shipments.lockedInOutline(row.shipmentId());
        HandoverScan scan = HandoverScan.of(
                new Wanted(open.map(HandoverRow::id).orElse(0L), carrier.code(), carrier.name(), site.id()),
                labeled(row));
        if (scan.verdict().takes()) {
            take(List.of(row.packageId()), open, site, carrier, signIn);
        }
        return scan;
    }

    private Optional<HandoverRow> openForScans(Site site, Carrier carrier) {
        Optional<HandoverRow> open = mapper.openLocked(site.id(), carrier.code());
        if (open.filter(each -> each.state() == HandoverState.CLOSING).isPresent()) {
            throw Refusal.conflict(
                    "The handover to " + carrier.name(),
                    "It is closed, and the carrier has not given its manifest yet.",
                    "What comes late goes in a supplement, once it has.");
        }
        return open;
    }

    private HandoverScan unknown(String text, String number) {
        Optional<Long> voided = shipments.workOrderOfVoidedNumber(number);
        if (voided.isPresent()) {
            return HandoverScan.ofVoid(number, workOrders.byId(voided.get()).number());
        }
        Optional<ReturnsOfShipments.Labeled> back = returns.byTrackingNumber(number);
        if (back.isPresent()) {
            return HandoverScan.ofReturn(number, back.get().job());
        }
        return workOrders
                .find(text)
                .map(job -> HandoverScan.ofJob(job.number()))
                .orElseGet(() -> HandoverScan.unknown(text));
    }

    private Labeled labeled(LabeledRow row) {
        Carrier carrier = catalog.service(row.serviceCode()).carrier();
        return new Labeled(
                row.trackingNumber(),
                workOrders.byId(row.workOrderId()).number(),
                carrier.code(),
                carrier.name(),
                row.siteId(),
                sites.byId(row.siteId()).city(),
                voiding.isAsked(row.shipmentId()),
                Optional.ofNullable(row.handoverId()).map(id -> inside(id, row, carrier)));
    }

    private Inside inside(long handover, LabeledRow row, Carrier carrier) {
        String by =
                Optional.ofNullable(row.scannedBy()).map(accounts::displayName).orElse("Somebody");
        return mapper.byId(handover)
                .map(each -> new Inside(
                        each.id(),
                        catalog.carrier(each.carrierCode()).name(),
                        each.day(),
                        each.state() != HandoverState.OPEN,
                        by))
                .orElseGet(() -> new Inside(handover, carrier.name(), row.shipDate(), true, by));
    }

    /** All of them are in it afterwards, or none. */
    private int take(List<Long> ids, Optional<HandoverRow> open, Site site, Carrier carrier, String signIn) {
        long handover = open.orElseGet(() -> begin(site, carrier, signIn)).id();
        int taken = packages.handOver(ids, handover, signIn);
        if (taken != ids.size()) {
            throw new PessimisticLockingFailureException("One of these packages was scanned elsewhere meanwhile.");
        }
        return taken;
    }

    private HandoverRow begin(Site site, Carrier carrier, String signIn) {
        try {
            mapper.insert(site.id(), carrier.code(), pickupDay(site, carrier), signIn, clock.instant());
        } catch (DuplicateKeyException meanwhile) {
            throw new PessimisticLockingFailureException("Another began this handover just now.", meanwhile);
        }
        return mapper.openLocked(site.id(), carrier.code()).orElseThrow();
    }

    /** Puts all in that wait for this driver. */
    @Transactional
    int takeAll(Site site, Carrier carrier, String signIn) {
        Optional<HandoverRow> open = openForScans(site, carrier);
        LocalDate until = open.map(HandoverRow::day).orElseGet(() -> pickupDay(site, carrier));
        List<LabeledRow> waiting = packages.waiting(site.id(), services(carrier), until, Limits.PACKAGES_OF_HANDOVER);
        List<Long> ids = waiting.stream()
                .filter(row -> mayGo(row.shipmentId()))
                .map(LabeledRow::packageId)
                .toList();
        int taken = ids.isEmpty() ? 0 : take(ids, open, site, carrier, signIn);
        auditLog.write(
                signIn, "handed over without scanning", carrier.name() + ", " + site.city(), taken + " packages");
        return taken;
    }

    private boolean mayGo(long shipmentId) {
        shipments.lockedInOutline(shipmentId);
        return !voiding.isAsked(shipmentId);
    }

    /** A package that was scanned in stays here after all. */
    @Transactional
    void takeOut(Site site, Carrier carrier, String text, String signIn) {
        String number = TrackingText.plain(text);
        Optional<HandoverRow> open = openForScans(site, carrier);
        boolean out = open.isPresent()
                && packages.labeled(number)
                        .filter(row ->
                                packages.takeOut(row.packageId(), open.get().id()))
                        .isPresent();
        if (!out) {
            throw Refusal.notFound(
                    "Package " + number + " in the handover to " + carrier.name(), "Look at what was scanned in.");
        }
        auditLog.write(signIn, "took a package out of a handover", carrier.name() + ", " + site.city(), number);
    }

    /** The packages of a handover that was left open go today. */
    @Transactional
    void moveToToday(Site site, Carrier carrier, String signIn) {
        HandoverRow open = openForScans(site, carrier)
                .orElseThrow(() -> Refusal.notFound("An open handover to " + carrier.name(), "Scan a package first."));
        LocalDate day = pickupDay(site, carrier);
        if (!open.day().isBefore(day)) {
            throw Refusal.conflict("The handover to " + carrier.name(), "It is today's already.", "Scan, or close it.");
        }
        mapper.moveTo(open.id(), day);
        auditLog.write(
                signIn, "moved a handover to today", carrier.name() + ", " + site.city(), open.day() + " to " + day);
    }
}
