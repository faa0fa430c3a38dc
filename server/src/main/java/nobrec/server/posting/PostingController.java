package nobrec.server.posting;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.server.api.list.Part;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForTheBooks;
import nobrec.server.connection.Connections;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxState;
import nobrec.server.platform.outbox.OutboxWorker;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The ledger of write-backs. */
@RestController
@Tag(name = "postings")
class PostingController {

    /**
     * @param next the cursor of the rows after these
     * @param total how many there are in all, where that is known without counting
     */
    record PostingList(List<PostingView> rows, Optional<Long> next, Optional<Integer> total) {}

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

    @GetMapping("/api/v1/postings")
    @ForAllButPackers
    PostingList ledger(
            @RequestParam(required = false) OutboxState state,
            @RequestParam(defaultValue = "") @Size(max = Limits.TEXT) String job,
            @ParameterObject @Valid Part part) {
        List<OutboxEntry> entries = ledger.newest(state, job, part);
        return new PostingList(
                entries.stream().map(this::view).toList(), part.next(entries, OutboxEntry::id), part.total(entries));
    }

    @PostMapping("/api/v1/postings/{id}/another-try")
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
