package nobrec.server.posting;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForTheBooks;
import nobrec.server.connection.Connections;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxState;
import nobrec.server.platform.outbox.OutboxWorker;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The ledger of write-backs. */
@RestController
@Tag(name = "postings")
class PostingController {

    record PostingList(List<PostingView> rows) {}

    /** @param system where it was written */
    record PostingView(
            long id,
            String job,
            OutboxKind kind,
            String system,
            String summary,
            OutboxState state,
            int attempts,
            String answer,
            Instant madeAt,
            Optional<Instant> doneAt,
            Optional<Instant> nextTryAt) {}

    private final PostingLedger ledger;
    private final OutboxWorker worker;
    private final Connections connections;

    PostingController(PostingLedger ledger, OutboxWorker worker, Connections connections) {
        this.connections = connections;
        this.ledger = ledger;
        this.worker = worker;
    }

    @GetMapping("/api/postings")
    @ForAllButPackers
    PostingList ledger(@RequestParam(required = false) OutboxState state, @RequestParam(defaultValue = "") String job) {
        return new PostingList(
                ledger.newest(state, job).stream().map(this::view).toList());
    }

    @PostMapping("/api/postings/{id}/another-try")
    @ForTheBooks
    void tryAgain(@PathVariable long id, Principal who) {
        ledger.tryAgain(id, who.getName());
        worker.start();
    }

    private PostingView view(OutboxEntry posting) {
        return new PostingView(
                posting.id(),
                posting.subjectName(),
                posting.kind(),
                connections.name(posting.target()),
                posting.summary(),
                posting.state(),
                posting.attempts(),
                posting.answer(),
                posting.madeAt(),
                Optional.ofNullable(posting.doneAt()),
                posting.state() == OutboxState.WAITING ? Optional.of(posting.nextTryAt()) : Optional.empty());
    }
}
