package nobrec.server.workorder.list;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import nobrec.core.identifier.TrackingText;
import nobrec.core.joblist.JobColumn;
import nobrec.core.joblist.JobCondition;
import nobrec.core.joblist.JobFact;
import nobrec.core.joblist.JobFilter;
import nobrec.core.refusal.Refusal;
import nobrec.server.platform.Literal;
import nobrec.server.platform.PlainText;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Finds jobs among a million. Where few are like what is asked they are found first, by the index of what is asked, and then
 * sorted; where many are, they are met in the order of the list, by its index, until a part is full.
 */
@Service
public class JobLists {

    /** So many are counted; more are "more than" these. */
    static final int COUNTED = 10_000;

    private static final int SHORTEST_TRACKING_NUMBER = 8;

    /** So few jobs are looked at one by one for the words after the first. */
    private static final int LOOKED_AT = 2_000;

    /**
     * @param count how many there are in all
     * @param more whether there are more than were counted
     */
    record Page(List<JobListRow> rows, Optional<JobCursor> next, int count, boolean more) {}

    private final JobListMapper mapper;
    private final KnownNames names;
    private final WordHits hits;
    private final ObjectProvider<TrackedJobs> tracked;

    JobLists(JobListMapper mapper, KnownNames names, WordHits hits, ObjectProvider<TrackedJobs> tracked) {
        this.names = names;
        this.hits = hits;
        this.mapper = mapper;
        this.tracked = tracked;
    }

    @Transactional(readOnly = true)
    Page page(JobFilter filter, Optional<JobCursor> after, int limit) {
        Asked asked = asked(filter);
        List<Long> found = asked.candidates();
        int count = count(asked);
        Asked from = asked.from(after.orElse(null));
        List<JobListRow> rows =
                found == null ? rows(from, count, limit) : found.isEmpty() ? List.of() : those(from, found, limit);
        Optional<JobCursor> next =
                rows.size() < limit ? Optional.empty() : Optional.of(cursor(rows.get(rows.size() - 1)));
        return new Page(rows, next, Math.min(count, COUNTED), count > COUNTED);
    }

    private List<JobListRow> rows(Asked from, int count, int limit) {
        return count > COUNTED ? mapper.many(from, limit) : mapper.few(from, COUNTED, limit);
    }

    /** As they came in they stand by their ids: then a part is cut out before anything of it is read. */
    private List<JobListRow> those(Asked from, List<Long> found, int limit) {
        if (from.sort() != JobColumn.CAME_IN) {
            return mapper.those(from, limit);
        }
        JobCursor after = from.after();
        List<Long> part = found.stream()
                .filter(id -> after == null || (from.descending() ? id < after.id() : id > after.id()))
                .sorted(from.descending() ? Comparator.reverseOrder() : Comparator.naturalOrder())
                .limit(limit)
                .toList();
        return part.isEmpty() ? List.of() : mapper.those(from.among(part), limit);
    }

    /** At most {@value #COUNTED} and one. */
    @Transactional(readOnly = true)
    int count(JobFilter filter) {
        return count(asked(filter));
    }

    /** A common word alone is in more than are counted. */
    private int count(Asked asked) {
        List<Long> found = asked.candidates();
        if (found != null) {
            return found.size();
        }
        boolean oneWord = asked.words().size() == 1 && asked.conditions().isEmpty();
        return oneWord ? COUNTED + 1 : mapper.count(asked, COUNTED + 1);
    }

    /** What some jobs come to, by their numbers. */
    ChosenSum sum(List<String> numbers) {
        return mapper.sum(numbers);
    }

    List<String> fieldNames() {
        return mapper.fieldNames();
    }

    /**
     * Ids of the jobs of a list, some at a time.
     *
     * @param ids takes those of one part, and says whether to go on
     */
    public void forEachPart(JobFilter filter, int atOnce, Predicate<List<Long>> ids) {
        Optional<JobCursor> after = Optional.empty();
        boolean goesOn = true;
        while (goesOn) {
            Page page = page(filter, after, atOnce);
            goesOn = !page.rows().isEmpty()
                    && ids.test(page.rows().stream().map(JobListRow::id).toList())
                    && page.next().isPresent();
            after = page.next();
        }
    }

    private static JobCursor cursor(JobListRow row) {
        return new JobCursor(row.sortedBy(), row.id());
    }

    /** Words that are in few jobs find them first; all else is looked at in those, or in all where every word is in many. */
    private Asked asked(JobFilter filter) {
        Optional<Long> tracking = ofTrackingNumber(filter.text());
        Set<Long> found = tracking.map(id -> new HashSet<>(Set.of(id))).orElse(null);
        List<Word> common = new ArrayList<>();
        if (tracking.isEmpty() && !filter.words().isEmpty()) {
            names.refresh();
            for (String text : longestFirst(filter.words())) {
                Word word = word(text);
                if (found != null && found.size() <= LOOKED_AT) {
                    common.add(word);
                    continue;
                }
                Optional<Set<Long>> in = hits.of(word, COUNTED);
                if (in.isEmpty()) {
                    common.add(word);
                } else if (found == null) {
                    found = in.get();
                } else {
                    found.retainAll(in.get());
                }
            }
        }
        Asked asked = new Asked(
                filter.conditions().stream().map(this::condition).toList(),
                common,
                found == null ? null : List.copyOf(found),
                filter.sort(),
                filter.descending(),
                null);
        return found == null || found.isEmpty() || asked.isFound()
                ? asked
                : new Asked(List.of(), List.of(), mapper.among(asked), filter.sort(), filter.descending(), null);
    }

    /** A longer word is in fewer jobs, most of the time. */
    private static List<String> longestFirst(List<String> words) {
        return words.stream()
                .sorted(Comparator.comparing(String::length).reversed())
                .toList();
    }

    private Asked.Condition condition(JobCondition condition) {
        if (condition.fact() == JobFact.CONTENTS && condition instanceof JobCondition.OneOf like) {
            List<String> contents = like.words().stream()
                    .map(number -> mapper.contentsOf(number)
                            .orElseThrow(() -> Refusal.notFound("Job " + number, "Take that filter out.")))
                    .toList();
            return Asked.Condition.of(new JobCondition.OneOf(JobFact.CONTENTS, contents));
        }
        return Asked.Condition.of(condition);
    }

    /** Written with or without blanks. */
    private Optional<Long> ofTrackingNumber(String text) {
        String plain = TrackingText.plain(text);
        return plain.length() < SHORTEST_TRACKING_NUMBER
                ? Optional.empty()
                : tracked.stream()
                        .flatMap(each -> each.workOrderOfTrackingNumber(plain).stream())
                        .findFirst();
    }

    private Word word(String text) {
        String plain = PlainText.of(text);
        String written = text.toLowerCase(Locale.ROOT);
        return new Word(
                Literal.of(text),
                Literal.of(new StringBuilder(text).reverse().toString()),
                Literal.of(plain),
                names(NameKind.CUSTOMER, plain, written),
                names(NameKind.RECEIVER, plain, written),
                names(NameKind.CITY, plain, written),
                names(NameKind.ITEM, plain, written));
    }

    private Word.Names names(NameKind kind, String plain, String written) {
        return Word.Names.of(names.with(kind, plain, written));
    }
}
