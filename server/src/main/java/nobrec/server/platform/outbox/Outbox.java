package nobrec.server.platform.outbox;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import nobrec.core.refusal.Refusal;
import nobrec.server.platform.Shortened;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The one table of all that must be done once: it is stored in the transaction that decides it, and carried out afterwards by
 * whichever server takes it first ({@link OutboxWorker}). What is stored of an answer is stored in a transaction: a deadlock with who looks
 * for the next entry is then done again at once.
 */
@Service
public class Outbox {

    private static final int LONGEST_ANSWER = 500;
    private static final int LONGEST_SUMMARY = 1_000;
    private static final String NOTHING_WRITTEN = "Nothing was written, so there is nothing to reverse.";

    private final OutboxMapper mapper;
    private final LongestCalls longestCalls;
    private final Clock clock;

    Outbox(OutboxMapper mapper, LongestCalls longestCalls, Clock clock) {
        this.longestCalls = longestCalls;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** To be carried out by whoever takes them. */
    public void add(List<NewEntry> entries) {
        Instant now = clock.instant();
        List<Long> reversed = entries.stream()
                .map(NewEntry::reverses)
                .filter(Objects::nonNull)
                .toList();
        if (!reversed.isEmpty()) {
            mapper.markBeingReversed(reversed);
        }
        mapper.insert(entries.stream().map(each -> entry(each, now, now)).toList());
    }

    /** To be carried out by the caller at once: nobody else takes them until a lease has run out. */
    public List<OutboxEntry> addTaken(List<NewEntry> entries) {
        DueTimes times = DueTimes.at(clock);
        List<OutboxEntry> taken = entries.stream()
                .map(each -> entry(each, times.now(), times.leaseEnds(longestCalls.to(each.target()))))
                .toList();
        mapper.insert(taken);
        return taken;
    }

    private static OutboxEntry entry(NewEntry fresh, Instant now, Instant firstTry) {
        Subject subject = fresh.subject();
        return new OutboxEntry(
                0,
                UUID.randomUUID().toString(),
                fresh.kind(),
                subject.kind(),
                subject.id(),
                subject.name(),
                fresh.target(),
                Shortened.to(LONGEST_SUMMARY, fresh.summary()),
                fresh.request(),
                OutboxState.WAITING,
                0,
                firstTry,
                "",
                now,
                null,
                fresh.reverses(),
                fresh.moment(),
                fresh.amount());
    }

    /** What waits, was done or failed for a subject, the oldest first. */
    public List<OutboxEntry> of(Subject.Kind kind, long id) {
        return mapper.ofSubject(kind, id);
    }

    public Optional<OutboxEntry> byKey(String entryKey) {
        return mapper.byKey(entryKey);
    }

    public Optional<OutboxEntry> waiting(OutboxKind kind, Subject.Kind subjectKind, long subjectId) {
        return of(subjectKind, subjectId).stream()
                .filter(each -> each.kind() == kind && each.state() == OutboxState.WAITING)
                .findFirst();
    }

    Optional<OutboxEntry> waitingLocked(OutboxKind kind, Subject.Kind subjectKind, long subjectId) {
        return mapper.waitingLocked(kind, subjectKind, subjectId);
    }

    /** Those that wait, of some kinds, the oldest first. */
    public List<OutboxEntry> waiting(Collection<OutboxKind> kinds, int limit) {
        return mapper.waiting(kinds, limit);
    }

    /**
     * Newest first.
     *
     * @param before only entries with a smaller id; null for all
     */
    public List<OutboxEntry> newest(OutboxFilter filter, @Nullable Long before, int limit) {
        return mapper.newest(filter, before, limit);
    }

    /** Money that hangs on what waits, failed or was set aside. */
    public Money hanging(OutboxFilter filter) {
        return mapper.hanging(filter);
    }

    /** Ids of some, the oldest first. */
    public List<Long> idsOf(OutboxFilter filter, long after, int limit) {
        return mapper.idsOf(filter, after, limit);
    }

    /** The newest one of a kind that a target has of a job by another subject and that nothing reverses. */
    public Optional<OutboxEntry> standing(OutboxKind kind, String target, String subjectName, long otherThan) {
        return mapper.standing(kind, target, subjectName, otherThan);
    }

    public OutboxEntry byId(long id) {
        return mapper.byId(id).orElseThrow(() -> none(id));
    }

    /** What was sent at the last try, where that is kept. */
    public Optional<String> sent(long id) {
        return mapper.sent(id);
    }

    /** Keeps what is about to be sent. */
    @Transactional
    public void sending(OutboxEntry entry, String sent) {
        mapper.keepSent(entry.entryKey(), sent);
    }

    /** How many have no certain answer of that target yet. */
    public int waitingFor(String target) {
        return mapper.waitingFor(target);
    }

    /**
     * How many failed, and how many have waited for longer than that.
     *
     * @param failed kinds of which failed ones count
     * @param waiting kinds of which waiting ones count
     */
    public OpenCounts openCounts(Collection<OutboxKind> failed, Collection<OutboxKind> waiting, Duration longer) {
        return mapper.openCounts(failed, waiting, clock.instant().minus(longer));
    }

    /** It is done. What stays in the house leaves no trace; anything else stands in the outbox for good. */
    @Transactional
    public void done(OutboxEntry entry, String answer) {
        if (entry.target().equals(OutboxEntry.OURS)) {
            mapper.delete(entry.entryKey());
        } else {
            mapper.settle(entry.entryKey(), OutboxState.DONE, Shortened.to(LONGEST_ANSWER, answer), clock.instant());
        }
    }

    /**
     * It is done, by this transaction.
     *
     * @throws PessimisticLockingFailureException when somebody else has done it meanwhile: then nothing of this transaction stays
     */
    public void doneHere(OutboxEntry entry) {
        int rows = entry.target().equals(OutboxEntry.OURS)
                ? mapper.delete(entry.entryKey())
                : mapper.settle(entry.entryKey(), OutboxState.DONE, "", clock.instant());
        if (rows == 0) {
            throw new PessimisticLockingFailureException(entry.kind() + " " + entry.entryKey() + " was done elsewhere");
        }
    }

    /** It was refused: a person must look. */
    @Transactional
    public void refused(OutboxEntry entry, String reason) {
        mapper.settle(entry.entryKey(), OutboxState.FAILED, Shortened.to(LONGEST_ANSWER, reason), null);
    }

    /**
     * What was done has been undone on its way: a person must look.
     *
     * @return whether it counted as done until now
     */
    @Transactional
    public boolean cameBack(OutboxEntry entry, String reason) {
        return mapper.fail(entry.entryKey(), Shortened.to(LONGEST_ANSWER, reason)) == 1;
    }

    /**
     * An entry that reverses another one has come to its end, and with it the other one.
     *
     * @param answer what the other side says it did; or why nothing had to be reversed
     */
    @Transactional
    public void reversed(OutboxEntry reversal, String answer) {
        mapper.reverse(requireNonNull(reversal.reverses()));
        done(reversal, answer);
    }

    /** Whether what an entry reverses was done, so that it is to be reversed now; else the entry is put off, or ends here. */
    public boolean isToReverse(OutboxEntry reversal) {
        OutboxEntry reversedEntry =
                mapper.byId(requireNonNull(reversal.reverses())).orElseThrow();
        switch (reversedEntry.state()) {
            case WAITING -> putOff(reversal, "It waits for what it reverses.");
            case FAILED -> reversed(reversal, NOTHING_WRITTEN);
            case SET_ASIDE -> {
                if (reversedEntry.attempts() > 0) {
                    return true;
                }
                reversed(reversal, NOTHING_WRITTEN);
            }
            case DONE, REVERSED -> {
                return true;
            }
        }
        return false;
    }

    /** Those of some kinds for a subject that nothing reverses yet, the oldest first. */
    public List<OutboxEntry> notReversed(Collection<OutboxKind> kinds, Subject.Kind kind, long id) {
        return mapper.notReversed(kinds, kind, id);
    }

    /** They wait for nothing any more; one that was carried out meanwhile has left its traces by now. */
    public void callOff(Collection<OutboxKind> kinds, Subject.Kind kind, long id) {
        mapper.callOff(kinds, kind, id);
    }

    /** There was no certain answer: it is tried again after a pause that grows. */
    @Transactional
    public void putOff(OutboxEntry entry, String reason) {
        Instant until = clock.instant().plus(GrowingPause.after(entry.attempts() + 1, entry.entryKey()));
        mapper.putOff(entry.entryKey(), until, Shortened.to(LONGEST_ANSWER, reason));
    }

    /** With the same key, so that it is never done twice. */
    @Transactional
    public OutboxEntry tryAgain(long id) {
        OutboxEntry entry = mapper.byIdLocked(id).orElseThrow(() -> none(id));
        if (entry.state() == OutboxState.DONE) {
            throw Refusal.conflict("This posting", "It is done already.", "There is nothing to try again.");
        }
        if (entry.state() == OutboxState.REVERSED) {
            throw Refusal.conflict("This posting", "It was reversed.", "There is nothing to try again.");
        }
        if (entry.kind().isRefusedForGood() && entry.state() == OutboxState.FAILED) {
            throw Refusal.conflict(
                    "This entry",
                    "The carrier refused it, and all is as it was before.",
                    "Ask again where it was asked from.");
        }
        if (entry.kind().isInOrder() && mapper.wasOvertaken(entry)) {
            throw Refusal.conflict(
                    "This posting",
                    "What became of the job later was written since, and this would stand over it.",
                    "Set it aside; or have the job written as it is now, on its page.");
        }
        mapper.makeDue(id, clock.instant());
        return entry;
    }

    /** A person has decided that it is not written; it can be taken up again. */
    @Transactional
    public OutboxEntry setAside(long id, String reason) {
        OutboxEntry entry = mapper.byIdLocked(id).orElseThrow(() -> none(id));
        boolean refused = entry.state() == OutboxState.FAILED;
        if (!refused && entry.state() != OutboxState.WAITING) {
            throw Refusal.conflict(
                    "This posting", "It neither waits nor failed.", "Only what has not come to its end is set aside.");
        }
        // What was refused was certainly not written; of what had no answer nobody knows, and a reversal asks.
        mapper.setAside(id, refused ? 0 : entry.attempts(), Shortened.to(LONGEST_ANSWER, reason));
        return entry;
    }

    private static Refusal none(long id) {
        return Refusal.notFound("Posting " + id, "Look at the list again.");
    }
}
