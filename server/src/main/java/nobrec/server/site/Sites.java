package nobrec.server.site;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import nobrec.core.calendar.WorkCalendar;
import nobrec.core.refusal.Refusal;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import org.springframework.stereotype.Service;

/** Our own sites. */
@Service
public class Sites {

    private final SiteMapper mapper;
    private final SetUpVersion version;
    private final Remembered<List<Site>> sites;
    private final Map<Long, Remembered<WorkCalendar>> calendars = new ConcurrentHashMap<>();
    private final Clock clock;

    Sites(SiteMapper mapper, SetUpVersion version, Clock clock) {
        this.mapper = mapper;
        this.version = version;
        this.sites = new Remembered<>(version, mapper::all);
        this.clock = clock;
    }

    /** The site shipments leave from unless something else is said: the first one. */
    public Site home() {
        return sites.get().stream()
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("A site of ours", "Set up the shop's address first."));
    }

    /** The site of a code; the home site where there is none of it. */
    public Site orHome(String code) {
        return sites.get().stream()
                .filter(site -> site.code().equals(code))
                .findFirst()
                .orElseGet(this::home);
    }

    public Site byCode(String code) {
        return sites.get().stream()
                .filter(site -> site.code().equals(code))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Site " + code, "Choose one of those that are set up."));
    }

    public List<Site> all() {
        return sites.get();
    }

    /** The home site's time zone; UTC while nothing is set up. */
    public String timeZone() {
        return sites.get().stream().findFirst().map(Site::timeZone).orElse("UTC");
    }

    public Site byId(long id) {
        return sites.get().stream()
                .filter(site -> site.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Site " + id, "Set it up first."));
    }

    /** Working days in the site's country, and its own closing days. */
    public WorkCalendar calendar(long siteId) {
        return calendars
                .computeIfAbsent(
                        siteId,
                        id -> new Remembered<>(
                                version, () -> WorkCalendar.of(byId(id).country(), Set.copyOf(mapper.closingDays(id)))))
                .get();
    }

    /** On that day nothing leaves from the site. */
    public void close(long siteId, LocalDate day, String reason) {
        mapper.insertClosingDay(siteId, day, reason);
        version.changed();
    }

    public boolean isEmpty() {
        return mapper.all().isEmpty();
    }

    public void add(Site site) {
        mapper.insert(site);
        version.changed();
    }

    /** The day at the home site. */
    public LocalDate today() {
        return dayOf(clock.instant());
    }

    /** The day it was at the home site at a moment. */
    public LocalDate dayOf(Instant moment) {
        return LocalDate.ofInstant(moment, ZoneId.of(timeZone()));
    }

    /** What the clock on that site's wall shows. */
    public LocalDateTime timeAt(Site site) {
        return LocalDateTime.ofInstant(clock.instant(), site.zone());
    }
}
