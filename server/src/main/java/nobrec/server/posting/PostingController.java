package nobrec.server.posting;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nobrec.server.platform.security.ForAllButPackers;
import nobrec.server.platform.security.ForTheBooks;
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
            PostingTarget target,
            String system,
            String summary,
            PostingState state,
            int attempts,
            String answer,
            Instant madeAt,
            Optional<Instant> doneAt,
            Optional<Instant> nextTryAt) {}

    private final PostingLedger ledger;
    private final PostingWork work;

    PostingController(PostingLedger ledger, PostingWork work) {
        this.ledger = ledger;
        this.work = work;
    }

    @GetMapping("/api/postings")
    @ForAllButPackers
    PostingList ledger(
            @RequestParam(required = false) PostingState state, @RequestParam(defaultValue = "") String job) {
        return new PostingList(
                ledger.newest(state, job).stream().map(PostingController::view).toList());
    }

    @PostMapping("/api/postings/{id}/another-try")
    @ForTheBooks
    void tryAgain(@PathVariable long id, Principal who) {
        ledger.tryAgain(id, who.getName());
        work.soon();
    }

    private static PostingView view(Posting posting) {
        return new PostingView(
                posting.id(),
                posting.job(),
                posting.target(),
                posting.target().system(),
                posting.summary(),
                posting.state(),
                posting.attempts(),
                posting.answer(),
                posting.madeAt(),
                Optional.ofNullable(posting.doneAt()),
                posting.state() == PostingState.WAITING ? Optional.of(posting.nextTryAt()) : Optional.empty());
    }
}
