package nobrec.server.site;

import java.time.Clock;
import java.time.LocalDateTime;
import nobrec.server.platform.problem.Refusal;
import org.springframework.stereotype.Service;

/** Our own sites. */
@Service
public class Sites {

    private final SiteMapper mapper;
    private final Clock clock;

    Sites(SiteMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** The site shipments leave from unless something else is said: the first one. */
    public Site home() {
        return mapper.all().stream()
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("A site of ours", "Set up the shop's address first."));
    }

    /** The home site's time zone; UTC while nothing is set up. */
    public String timeZone() {
        return mapper.all().stream().findFirst().map(Site::timeZone).orElse("UTC");
    }

    public Site byId(long id) {
        return mapper.all().stream()
                .filter(site -> site.id() == id)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("Site " + id, "Set it up first."));
    }

    public boolean isEmpty() {
        return mapper.all().isEmpty();
    }

    public void add(Site site) {
        mapper.insert(site);
    }

    /** What the clock on that site's wall shows. */
    public LocalDateTime timeAt(Site site) {
        return LocalDateTime.ofInstant(clock.instant(), site.zone());
    }
}
