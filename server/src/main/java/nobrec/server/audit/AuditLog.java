package nobrec.server.audit;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import nobrec.server.platform.Shortened;
import org.springframework.stereotype.Service;

/** Who did what and when. */
@Service
public class AuditLog {

    /** Who acts when nobody does: work that goes on by itself. */
    public static final String BY_ITSELF = "nobrec";

    /** Whoever has the link of a customer's page, or fills in the request form. */
    public static final String BY_CUSTOMER = "the customer";

    private static final int LONGEST_THING = 120;
    private static final int LONGEST_DETAIL = 500;

    private final AuditLogMapper mapper;
    private final Clock clock;

    AuditLog(AuditLogMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** What happened to some things, the newest first. */
    public List<AuditEntry> of(Collection<String> things, int limit) {
        return things.isEmpty() ? List.of() : mapper.of(things, limit);
    }

    /** Written in the transaction of the act itself, when there is one. */
    public void write(String signIn, String act, String thing, String detail) {
        mapper.insert(
                clock.instant(), signIn, act, Shortened.to(LONGEST_THING, thing), Shortened.to(LONGEST_DETAIL, detail));
    }
}
