package nobrec.server.posting;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import nobrec.server.platform.GrowingPause;
import nobrec.server.platform.outside.OutsideAnswer;
import nobrec.server.platform.outside.OutsideCalls;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;
import tools.jackson.databind.json.JsonMapper;

/** Carries out write-backs. Several servers share the work; the key keeps a second try from writing twice. */
@Component
public class PostingWorker {

    /** A server that took one and died is given up after this. */
    private static final Duration CLAIM = Duration.ofSeconds(30);

    private static final int LONGEST_ANSWER = 500;

    private final PostingMapper mapper;
    private final OutsideCalls calls;
    private final JsonMapper json;
    private final TransactionOperations transactions;
    private final Clock clock;

    PostingWorker(
            PostingMapper mapper,
            OutsideCalls calls,
            JsonMapper json,
            TransactionOperations transactions,
            Clock clock) {
        this.mapper = mapper;
        this.calls = calls;
        this.json = json;
        this.transactions = transactions;
        this.clock = clock;
    }

    /** Works through all whose time has come. */
    public void run() {
        Optional<Posting> due = claim();
        while (due.isPresent()) {
            carryOut(due.get());
            due = claim();
        }
    }

    private Optional<Posting> claim() {
        return transactions.execute(status -> {
            Optional<Posting> due = mapper.nextDue(clock.instant());
            due.ifPresent(posting -> mapper.claim(
                    posting.id(), posting.attempts() + 1, clock.instant().plus(CLAIM)));
            return due;
        });
    }

    private void carryOut(Posting posting) {
        String method = posting.target() == PostingTarget.SOURCE ? "PUT" : "POST";
        OutsideAnswer answer = calls.send(
                posting.target().system(), method, posting.address(), posting.postingKey(), posting.request());
        int attempts = posting.attempts() + 1;
        Instant now = clock.instant();
        if (answer instanceof OutsideAnswer.Accepted accepted) {
            mapper.updateResult(posting.id(), PostingState.DONE, text(accepted.body()), now, now);
        } else if (answer instanceof OutsideAnswer.Unknown unknown) {
            mapper.updateResult(
                    posting.id(),
                    PostingState.WAITING,
                    shortened(unknown.reason()),
                    now.plus(GrowingPause.after(attempts)),
                    null);
        } else {
            String reason = answer instanceof OutsideAnswer.Refused refused
                    ? refused.reason()
                    : posting.target().system() + " has nothing at that address.";
            mapper.updateResult(posting.id(), PostingState.FAILED, shortened(reason), now, null);
        }
    }

    private String text(String body) {
        return shortened(json.readTree(body).path("text").asString(""));
    }

    private static String shortened(String text) {
        return text.length() <= LONGEST_ANSWER ? text : text.substring(0, LONGEST_ANSWER);
    }
}
