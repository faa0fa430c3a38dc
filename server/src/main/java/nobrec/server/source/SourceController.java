package nobrec.server.source;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nobrec.core.layout.OrderField;
import nobrec.core.limit.Limits;
import nobrec.core.wordbook.WordKind;
import nobrec.server.api.list.Part;
import nobrec.server.api.security.ForAdministrators;
import nobrec.server.api.security.ForCoordinators;
import nobrec.server.api.security.ForEveryone;
import nobrec.server.layout.LayoutDocument;
import nobrec.server.wordbook.Wordbook;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Record systems that work orders come from. */
@RestController
@Tag(name = "sources")
class SourceController {

    /**
     * @param kinds of systems that can be connected
     * @param watchedFolder whose files come in by themselves
     */
    record SourceList(List<SourceView> rows, List<SourceKind> kinds, Optional<String> watchedFolder) {}

    /** @param needsQuery whether it is read by a SELECT of the shop's */
    record SourceKind(String adapter, String label, boolean needsQuery) {}

    /**
     * @param everyMinutes zero: only when somebody asks
     * @param next when it is asked next by itself
     * @param task the newest look or taking in
     * @param said what came of the last look
     * @param failed whether that failed
     * @param isRead whether somebody has said which field feeds which
     */
    record SourceView(
            String code,
            String name,
            String kind,
            String address,
            int everyMinutes,
            Optional<Instant> next,
            Optional<Long> task,
            Optional<Instant> last,
            String said,
            boolean failed,
            boolean isRead,
            int fresh,
            int changed,
            int unknownStatus) {}

    record NewSourceView(
            @NotNull @Size(max = Limits.LAYOUT_NAME) String name,
            @NotNull @Size(max = Limits.LAYOUT_NAME) String adapter,
            @NotNull @Size(max = Limits.ADDRESS_OUTSIDE) String address,
            @NotNull @Size(max = Limits.TEXT) String userName,
            @NotNull @Size(max = Limits.SECRET) String secret) {}

    /** @param code of the source that was connected */
    record Connected(String code) {}

    /**
     * @param text what was found, or what is wrong
     * @param remedy what to do; empty text where it answers
     */
    record TestResult(boolean answers, String text, String remedy) {}

    /**
     * How a source is read and asked.
     *
     * @param version changes with each change
     * @param layout which field feeds which; a guess until somebody has said so
     * @param columns fields that its records have, with some of what stands in them
     * @param statuses what they mean here
     * @param sites which of ours each is
     * @param query the SELECT it is read by; left out for kinds that need none
     */
    record SetUpView(
            String code,
            String name,
            int version,
            boolean isRead,
            LayoutDocument layout,
            List<FieldOfSource> columns,
            List<WordOfSource> statuses,
            List<WordOfSource> sites,
            List<OurSite> ourSites,
            Map<OrderField, String> defaults,
            int everyMinutes,
            Optional<String> query) {}

    record Query(@NotNull @Size(max = Limits.QUERY) String query) {}

    /**
     * @param text what was found, or what is wrong
     * @param remedy what to do; empty text where it gives rows
     */
    record QueryTest(boolean answers, String text, String remedy, List<String> columns, List<List<String>> rows) {}

    record FieldOfSource(String heading, List<String> samples) {}

    /**
     * @param label as people call it there
     * @param meaning what it means here; empty text while nobody has said so
     * @param records that have it, where they are counted
     */
    record WordOfSource(String word, String label, String meaning, int records) {}

    record OurSite(String code, String label) {}

    record SetUpChange(
            int version,
            @NotNull @Valid LayoutDocument layout,
            @NotNull @Size(max = 10) Map<@NotNull OrderField, @NotNull @Size(max = Limits.TEXT) String> defaults,
            int everyMinutes) {}

    /** @param minutes how far back */
    record Look(@Min(1) @Max(1_052_640) int minutes) {}

    /** @param numbers left out: all that are new */
    record Take(Optional<@Size(max = Part.MAXIMUM) Set<@NotNull @Size(max = Limits.TEXT) String>> numbers) {}

    record Begun(long task) {}

    /** @param next the cursor of the rows after these */
    record RecordList(List<RecordView> rows, Optional<Long> next, List<CountView> counts) {}

    record CountView(String state, int count) {}

    /**
     * @param problem what would keep it out; empty text where nothing does
     * @param remark what it would wait for once it is here
     */
    record RecordView(
            long id,
            String number,
            String status,
            String state,
            String customer,
            Optional<LocalDate> promiseDate,
            Instant changed,
            String problem,
            String remark,
            String cancelled) {}

    /** @param changes left out where its source says the same as before */
    record ChangesResult(Optional<ChangesView> changes) {}

    /** @param record to be sent with what is taken over */
    record ChangesView(
            String source, String cancelled, boolean shipped, List<DifferenceView> differences, String record) {}

    record DifferenceView(String key, String label, String before, String now, String ours) {}

    /** @param record as the changes that were looked at say it */
    record TakeOver(
            @NotNull @Size(max = Limits.TEXT) String record,
            @NotNull @Size(max = Limits.CELLS_OF_ROW) Set<@NotNull @Size(max = Limits.TEXT) String> keys) {}

    private final RecordSources sources;
    private final SourceRuns runs;
    private final SourceTests tests;
    private final SourceViews views;
    private final RecordChanges changes;
    private final Wordbook wordbook;

    SourceController(
            RecordSources sources,
            SourceRuns runs,
            SourceTests tests,
            SourceViews views,
            RecordChanges changes,
            Wordbook wordbook) {
        this.sources = sources;
        this.runs = runs;
        this.tests = tests;
        this.views = views;
        this.changes = changes;
        this.wordbook = wordbook;
    }

    @GetMapping("/api/v1/sources")
    @ForEveryone
    SourceList sources() {
        return views.list();
    }

    /** Connects a record system: where it is, and its key. */
    @PostMapping("/api/v1/sources")
    @ForAdministrators
    Connected connect(@Valid @RequestBody NewSourceView source, Principal who) {
        return new Connected(sources.connect(
                new RecordSources.NewSource(
                        source.name(), source.adapter(), source.address(), source.userName(), source.secret()),
                who.getName()));
    }

    /** Asks it what it has, and says in words what it found or what is wrong. */
    @PostMapping("/api/v1/sources/{code}/test")
    @ForCoordinators
    TestResult test(@PathVariable String code) {
        return tests.test(sources.setUp(code));
    }

    /** Tries a SELECT with ten rows; where it gives them, the source is read by it from now on. */
    @PutMapping("/api/v1/sources/{code}/query")
    @ForAdministrators
    QueryTest read(@PathVariable String code, @Valid @RequestBody Query query, Principal who) {
        return tests.read(sources.setUp(code), query.query(), who.getName());
    }

    @GetMapping("/api/v1/sources/{code}")
    @ForCoordinators
    SetUpView setUp(@PathVariable String code) {
        return views.setUp(sources.setUp(code));
    }

    @PutMapping("/api/v1/sources/{code}")
    @ForCoordinators
    SetUpView change(@PathVariable String code, @Valid @RequestBody SetUpChange change, Principal who) {
        Map<OrderField, String> defaults = new EnumMap<>(OrderField.class);
        defaults.putAll(change.defaults());
        sources.change(code, change.version(), change.layout(), defaults, change.everyMinutes(), who.getName());
        return setUp(code);
    }

    /** Removes it: it is not asked any more. Its work orders, its connection and its words stay. */
    @DeleteMapping("/api/v1/sources/{code}")
    @ForAdministrators
    SourceList remove(@PathVariable String code, Principal who) {
        sources.remove(code, who.getName());
        return views.list();
    }

    /** Says what a word of it means: whether a status is ready to ship, which of our sites one is. */
    @PutMapping("/api/v1/sources/{code}/words")
    @ForCoordinators
    SetUpView word(@PathVariable String code, @Valid @RequestBody WordMeaning meaning, Principal who) {
        SourceSetUp source = sources.setUp(code);
        wordbook.answer(source.code(), meaning.kind(), meaning.word(), meaning.meaning(), who.getName());
        return views.setUp(source);
    }

    record WordMeaning(
            @NotNull WordKind kind,
            @NotNull @Size(max = Limits.TEXT) String word,
            @NotNull @Size(max = Limits.TEXT) String meaning) {}

    /** Looks through its records of the last minutes, hours or years; what is new is listed, and nothing comes in yet. */
    @PostMapping("/api/v1/sources/{code}/look")
    @ForCoordinators
    Begun look(@PathVariable String code, @Valid @RequestBody Look look, Principal who) {
        return new Begun(runs.look(sources.setUp(code), Duration.ofMinutes(look.minutes()), who.getName()));
    }

    /** Its records as they were seen last, those that are new first. */
    @GetMapping("/api/v1/sources/{code}/records")
    @ForCoordinators
    RecordList records(@PathVariable String code, @ParameterObject @Valid Part part) {
        return views.records(sources.setUp(code), part);
    }

    /** Takes in new records: those that were chosen, or all. */
    @PostMapping("/api/v1/sources/{code}/take")
    @ForCoordinators
    Begun take(@PathVariable String code, @Valid @RequestBody Take take, Principal who) {
        Set<String> numbers = take.numbers().orElse(Set.of());
        return new Begun(runs.take(sources.setUp(code), new TakeTask.Request(code, numbers), who.getName()));
    }

    /** What changed at the source of a work order since it came in, beside ours. */
    @GetMapping("/api/v1/work-orders/one/changes")
    @ForEveryone
    ChangesResult changes(@RequestParam @Size(max = Limits.TEXT) String job) {
        return new ChangesResult(changes.of(job)
                .map(each -> new ChangesView(
                        each.source(),
                        each.cancelled(),
                        each.shipped(),
                        each.differences().stream()
                                .map(one ->
                                        new DifferenceView(one.key(), one.label(), one.before(), one.now(), one.ours()))
                                .toList(),
                        each.record())));
    }

    /** Takes over what was chosen of it; the rest stays as it is here. */
    @PostMapping("/api/v1/work-orders/one/changes")
    @ForCoordinators
    ChangesResult takeOver(
            @RequestParam @Size(max = Limits.TEXT) String job, @Valid @RequestBody TakeOver chosen, Principal who) {
        changes.takeOver(job, chosen.record(), chosen.keys(), who.getName());
        return changes(job);
    }
}
