package nobrec.server.tracking;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import nobrec.core.refusal.Refusal;
import nobrec.core.tracking.AskingIntervals;
import nobrec.server.audit.AuditLog;
import nobrec.server.carrier.ServiceCatalog;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How often each carrier is asked about its packages. */
@Service
public class Intervals {

    /** @param version zero while nobody has set anything */
    record Kept(String carrierCode, int version, AskingIntervals intervals) {}

    private final IntervalMapper mapper;
    private final ServiceCatalog catalog;
    private final SetUpVersion setUpVersion;
    private final Remembered<Map<String, Kept>> kept;
    private final AuditLog auditLog;
    private final Clock clock;

    Intervals(
            IntervalMapper mapper, ServiceCatalog catalog, SetUpVersion setUpVersion, AuditLog auditLog, Clock clock) {
        this.mapper = mapper;
        this.catalog = catalog;
        this.setUpVersion = setUpVersion;
        this.kept = new Remembered<>(
                setUpVersion,
                () -> mapper.all().stream()
                        .map(IntervalRow::kept)
                        .collect(Collectors.toMap(Kept::carrierCode, each -> each)));
        this.auditLog = auditLog;
        this.clock = clock;
    }

    AskingIntervals of(String carrierCode) {
        return keptOf(carrierCode).intervals();
    }

    List<Kept> all() {
        return catalog.carriers().stream().map(each -> keptOf(each.code())).toList();
    }

    private Kept keptOf(String carrierCode) {
        return kept.get().getOrDefault(carrierCode, new Kept(carrierCode, 0, AskingIntervals.USUAL));
    }

    /** @param version that was looked at */
    @Transactional
    public void keep(String carrierCode, int version, AskingIntervals intervals, String signIn) {
        String name = catalog.carrier(carrierCode).name();
        int now = mapper.versionLocked(carrierCode).orElse(0);
        if (now != version) {
            throw Refusal.changedSince(
                    "How often " + name + " is asked",
                    "Somebody else has changed it since you looked.",
                    "Look at it again.");
        }
        mapper.keep(IntervalRow.of(carrierCode, intervals), signIn, clock.instant());
        setUpVersion.changed();
        auditLog.write(
                signIn,
                "set how often it is asked about packages",
                name,
                "every " + words(intervals.usual()) + ", " + words(intervals.dueToday()) + " on the day they are due, "
                        + words(intervals.quiet()) + " after " + intervals.quietDays() + " days without movement");
    }

    private static String words(Duration interval) {
        return interval.toMinutes() + " min";
    }
}
