package nobrec.server.tracking;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import nobrec.core.refusal.Refusal;
import nobrec.server.api.list.Part;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.shipment.Shipments;
import nobrec.server.site.Sites;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The lists of packages that are on their way, and what somebody does about one. */
@Service
public class EnRoute {

    /** Nobody reads a higher figure. */
    static final int MOST_COUNTED = 10_000;

    private static final int LONGEST_WITHOUT_MOVEMENT = 60;

    private final TrackMapper mapper;
    private final TrackKeeper keeper;
    private final Shipments shipments;
    private final ServiceCatalog catalog;
    private final Sites sites;
    private final AuditLog auditLog;
    private final Clock clock;

    EnRoute(
            TrackMapper mapper,
            TrackKeeper keeper,
            Shipments shipments,
            ServiceCatalog catalog,
            Sites sites,
            AuditLog auditLog,
            Clock clock) {
        this.mapper = mapper;
        this.keeper = keeper;
        this.shipments = shipments;
        this.catalog = catalog;
        this.sites = sites;
        this.auditLog = auditLog;
        this.clock = clock;
    }

    /** @param days without movement, of that list */
    TrackList.Asked asked(int days, @Nullable String carrier) {
        if (carrier != null) {
            catalog.carrier(carrier);
        }
        return new TrackList.Asked(
                sites.today(), clock.instant(), Math.min(Math.max(days, 1), LONGEST_WITHOUT_MOVEMENT), carrier);
    }

    List<TrackRow> list(TrackList list, TrackList.Asked asked, Part part) {
        return mapper.list(list.filter(asked), part.cursor(), part.limit());
    }

    /** Counted up to one more than {@link #MOST_COUNTED}. */
    int count(TrackList list, TrackList.Asked asked) {
        return mapper.count(list.filter(asked), MOST_COUNTED + 1);
    }

    TrackRow byId(long id) {
        return mapper.byId(id)
                .orElseThrow(() -> Refusal.notFound(
                        "Package " + id, "Its label may be void by now. Look at the job it belongs to."));
    }

    /** Writes down what somebody did about a package. */
    @Transactional
    public void note(long id, NoteKind kind, String text, @Nullable Money amount, String signIn) {
        long shipmentId = byId(id).shipmentId();
        shipments.lockedInOutline(shipmentId);
        List<TrackRow> all = mapper.lockedOfShipment(shipmentId);
        TrackRow row = all.stream()
                .filter(each -> each.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Package " + id, "Look at the list again."));
        if (kind == NoteKind.CLOSED && row.closedAt() != null) {
            throw Refusal.conflict(
                    "Package " + row.trackingNumber(),
                    "Somebody else has said already that it needs nothing more.",
                    "Look at the list again.");
        }
        Instant now = clock.instant();
        mapper.insertNote(new NoteRow(0, id, kind, text, amount, signIn, now));
        if (kind == NoteKind.CLOSED) {
            mapper.close(id, signIn, now);
            keeper.countOnce(mapper.ofShipment(shipmentId));
        }
        auditLog.write(
                signIn,
                "wrote about a package: " + kind.words(),
                "Job " + row.job(),
                row.trackingNumber() + ": " + text);
    }

    /** Has the carrier asked about a package at the next turn. */
    @Transactional
    public void askSoon(long id) {
        TrackRow row = byId(id);
        if (row.state().isLast()) {
            throw Refusal.conflict(
                    "Package " + row.trackingNumber(),
                    "It is " + row.state().words() + ": nothing more is to be expected.",
                    "Look at its events.");
        }
        mapper.askAt(id, clock.instant());
    }
}
