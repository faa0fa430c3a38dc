package nobrec.server.posting;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import nobrec.core.limit.Limits;
import nobrec.server.api.figure.Amount;
import nobrec.server.api.list.Part;
import nobrec.server.api.security.ForAllButPackers;
import nobrec.server.api.security.ForTheBooks;
import nobrec.server.connection.Connections;
import nobrec.server.platform.outbox.OutboxEntry;
import nobrec.server.platform.outbox.OutboxFilter;
import nobrec.server.platform.outbox.OutboxKind;
import nobrec.server.platform.outbox.OutboxState;
import nobrec.server.platform.outbox.OutboxWorker;
import nobrec.server.site.Sites;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The ledger of all that goes outside. */
@RestController
@RequestMapping("/api/v1/postings")
@Tag(name = "postings")
class PostingController {

    /**
     * Which postings are looked at; what is left out counts for all.
     *
     * @param target code of a system
     * @param day on which they were made, in the shop's time
     */
    record PostingFilter(
            @Nullable OutboxState state,
            @Nullable @Size(max = Limits.TEXT) String target,
            @Nullable @Size(max = Limits.TEXT) String job,
            @Nullable LocalDate day) {}

    /**
     * @param next the cursor of the rows after these
     * @param total how many there are in all, where that is known without counting
     * @param hanging money that hangs on those of these that wait, failed or were set aside
     * @param systems that postings go to
     */
    record PostingList(
            List<PostingView> rows,
            Optional<Long> next,
            Optional<Integer> total,
            Amount hanging,
            List<SystemView> systems) {}

    record SystemView(String code, String name) {}

    /**
     * @param system where it was written
     * @param amount money that hangs on it; left out where there is none
     */
    record PostingView(
            long id,
            String job,
            OutboxKind kind,
            String system,
            String summary,
            OutboxState state,
            int attempts,
            String answer,
            Optional<Amount> amount,
            Instant madeAt,
            Optional<Instant> doneAt,
            Optional<Instant> nextTryAt) {}

    /**
     * @param key under which the other side does it once
     * @param sent what was sent at the last try, as it was sent; left out where nothing was sent yet or it is not kept
     */
    record PostingDetail(PostingView posting, String key, Optional<String> sent) {}

    record SetAside(@NotBlank @Size(max = Limits.TEXT) String reason) {}

    /** @param target code of a system; empty text for all */
    record AgainOf(@NotNull @Size(max = Limits.TEXT) String target) {}

    /**
     * @param begun how many are tried again
     * @param left how many are not
     * @param reason why the first of those is not; empty text where all are
     */
    record AgainView(int begun, int left, String reason) {}

    private final PostingLedger ledger;
    private final OutboxWorker worker;
    private final Connections connections;
    private final Sites sites;

    PostingController(PostingLedger ledger, OutboxWorker worker, Connections connections, Sites sites) {
        this.connections = connections;
        this.ledger = ledger;
        this.worker = worker;
        this.sites = sites;
    }

    @GetMapping
    @ForAllButPackers
    PostingList ledger(@ParameterObject @Valid PostingFilter asked, @ParameterObject @Valid Part part) {
        OutboxFilter filter = filter(asked);
        List<OutboxEntry> entries = ledger.newest(filter, part);
        return new PostingList(
                entries.stream().map(this::view).toList(),
                part.next(entries, OutboxEntry::id),
                part.total(entries),
                Amount.of(ledger.hanging(filter)),
                connections.all().stream()
                        .map(each -> new SystemView(each.code(), each.name()))
                        .toList());
    }

    private OutboxFilter filter(PostingFilter asked) {
        ZoneId zone = ZoneId.of(sites.timeZone());
        Optional<LocalDate> day = Optional.ofNullable(asked.day());
        return new OutboxFilter(
                asked.state(),
                Optional.ofNullable(asked.target()).orElse(""),
                Optional.ofNullable(asked.job()).orElse(""),
                day.map(each -> each.atStartOfDay(zone).toInstant()).orElse(null),
                day.map(each -> each.plusDays(1).atStartOfDay(zone).toInstant()).orElse(null));
    }

    @GetMapping("/{id}")
    @ForAllButPackers
    PostingDetail one(@PathVariable long id) {
        OutboxEntry entry = ledger.byId(id);
        return new PostingDetail(view(entry), entry.entryKey(), ledger.sent(id));
    }

    @PostMapping("/{id}/another-try")
    @ForTheBooks
    void tryAgain(@PathVariable long id, Principal who) {
        ledger.tryAgain(id, who.getName());
        worker.start();
    }

    /** All that failed, of one system or of all. */
    @PostMapping("/another-try")
    @ForTheBooks
    AgainView tryAllAgain(@RequestBody @Valid AgainOf of, Principal who) {
        PostingLedger.Again again =
                ledger.tryAllAgain(new OutboxFilter(OutboxState.FAILED, of.target(), "", null, null), who.getName());
        worker.start();
        return new AgainView(again.begun(), again.left(), again.firstReason());
    }

    @PostMapping("/{id}/set-aside")
    @ForTheBooks
    void setAside(@PathVariable long id, @RequestBody @Valid SetAside aside, Principal who) {
        ledger.setAside(id, aside.reason().strip(), who.getName());
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
                Optional.ofNullable(posting.amount()).map(Amount::of),
                posting.madeAt(),
                Optional.ofNullable(posting.doneAt()),
                posting.state() == OutboxState.WAITING ? Optional.of(posting.nextTryAt()) : Optional.empty());
    }
}
