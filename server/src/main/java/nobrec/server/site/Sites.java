package nobrec.server.site;

import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
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

    public boolean isEmpty() {
        return mapper.all().isEmpty();
    }

    public void add(Site site) {
        mapper.insert(site);
        version.changed();
    }

    /** What the clock on that site's wall shows. */
    public LocalDateTime timeAt(Site site) {
        return LocalDateTime.ofInstant(clock.instant(), site.zone());
    }
}
