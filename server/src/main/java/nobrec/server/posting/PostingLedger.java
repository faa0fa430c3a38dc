package nobrec.server.posting;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import nobrec.core.refusal.Refusal;
import nobrec.server.actlog.ActLog;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What can be seen of the write-backs, and having one tried again. */
@Service
public class PostingLedger {

    private static final int PAGE = 200;
    private static final Duration LONG = Duration.ofMinutes(1);

    private final PostingMapper mapper;
    private final ActLog actLog;
    private final Clock clock;

    PostingLedger(PostingMapper mapper, ActLog actLog, Clock clock) {
        this.mapper = mapper;
        this.actLog = actLog;
        this.clock = clock;
    }

    /** Newest first. */
    List<Posting> newest(PostingState state, String job) {
        return mapper.newest(state, job, PAGE);
    }

    public int failed() {
        return mapper.failed();
    }

    /** Those that wait for longer than a minute. */
    public int unanswered() {
        return mapper.unanswered(clock.instant().minus(LONG));
    }

    /** With the same key, so that it is never written twice. */
    @Transactional
    public void tryAgain(long id, String signIn) {
        Posting posting =
                mapper.byIdLocked(id).orElseThrow(() -> Refusal.notFound("Posting " + id, "Look at the ledger again."));
        if (posting.state() == PostingState.DONE) {
            throw Refusal.conflict("This posting", "It is done already.", "There is nothing to try again.");
        }
        mapper.makeDue(id, clock.instant());
        actLog.write(
                signIn,
                "had a posting tried again",
                "Job " + posting.job(),
                posting.target().name());
    }
}
