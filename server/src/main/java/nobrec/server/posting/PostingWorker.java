package nobrec.server.posting;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import nobrec.server.platform.Shortened;
import nobrec.server.platform.outbox.DueTimes;
import nobrec.server.platform.outbox.DueWork;
import nobrec.server.platform.outbox.DueWorker;
import nobrec.server.platform.outbox.GrowingPause;
import nobrec.server.platform.outside.OutsideAnswer;
import nobrec.server.platform.outside.OutsideCalls;
import org.springframework.stereotype.Component;

/** Carries out write-backs. Several servers share the work; the key keeps a second try from writing twice. */
@Component
public class PostingWorker implements DueWork<Posting> {

    private static final int LONGEST_ANSWER = 500;

    private final PostingMapper mapper;
    private final OutsideCalls calls;
    private final DueWorker worker;
    private final Clock clock;

    PostingWorker(PostingMapper mapper, OutsideCalls calls, DueWorker worker, Clock clock) {
        this.mapper = mapper;
        this.calls = calls;
        this.worker = worker;
        this.clock = clock;
    }

    /** Works through all whose time has come. */
    public void run() {
        worker.run(this);
    }

    @Override
    public String name() {
        return "Postings";
    }

    @Override
    public Optional<Posting> nextDue(DueTimes times) {
        return mapper.nextDue(times);
    }

    @Override
    public void take(Posting posting, Instant until) {
        mapper.take(posting.id(), until);
    }

    @Override
    public void carryOut(Posting posting) {
        String method = posting.target() == PostingTarget.SOURCE ? "PUT" : "POST";
        OutsideAnswer answer = calls.send(
                posting.target().system(), method, posting.address(), posting.postingKey(), posting.request());
        if (answer instanceof OutsideAnswer.Accepted accepted) {
            settle(posting, PostingState.DONE, accepted.body().path("text").asString(""));
        } else if (answer instanceof OutsideAnswer.Refused refused) {
            settle(posting, PostingState.FAILED, refused.reason());
        } else if (answer instanceof OutsideAnswer.Unknown unknown) {
            failed(posting, unknown.reason());
        } else {
            throw new IllegalStateException("A posting is sent, never looked up.");
        }
    }

    private void settle(Posting posting, PostingState state, String answer) {
        Instant now = clock.instant();
        mapper.settle(
                posting.id(), state, Shortened.to(LONGEST_ANSWER, answer), state == PostingState.DONE ? now : null);
    }

    @Override
    public void failed(Posting posting, String reason) {
        mapper.putOff(
                posting.id(),
                clock.instant().plus(GrowingPause.after(posting.attempts() + 1)),
                Shortened.to(LONGEST_ANSWER, reason));
    }
}
