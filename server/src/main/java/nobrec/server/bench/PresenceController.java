package nobrec.server.bench;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import nobrec.core.limit.Limits;
import nobrec.server.account.Accounts;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.workorder.WorkOrders;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Who has a job open. */
@RestController
@Tag(name = "bench")
class PresenceController {

    /** A page that shows a job says so more often than this. */
    private static final Duration COUNTS_FOR = Duration.ofSeconds(40);

    record OpenJob(@NotNull @Size(max = Limits.TEXT) String job) {}

    /** @param others names of others who have it open */
    record PresenceView(List<String> others) {}

    private final PresenceMapper mapper;
    private final WorkOrders workOrders;
    private final Accounts accounts;
    private final Clock clock;

    PresenceController(PresenceMapper mapper, WorkOrders workOrders, Accounts accounts, Clock clock) {
        this.mapper = mapper;
        this.workOrders = workOrders;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** Says that it is open here; the answer is who else has it open. */
    @PostMapping("/api/v1/bench-presence")
    @ForEveryone
    PresenceView beat(@Valid @RequestBody OpenJob open, Principal who) {
        String job = workOrders.byNumber(open.job()).number();
        Instant now = clock.instant();
        mapper.forget(who.getName(), now.minus(COUNTS_FOR));
        mapper.beat(job, who.getName(), now);
        return new PresenceView(mapper.others(job, who.getName(), now.minus(COUNTS_FOR)).stream()
                .map(accounts::displayName)
                .toList());
    }
}
