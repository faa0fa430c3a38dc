package nobrec.server.wordbook;

import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import nobrec.core.refusal.Refusal;
import nobrec.core.wordbook.KnownWords;
import nobrec.core.wordbook.NearestWord;
import nobrec.core.wordbook.SourceWords;
import nobrec.core.wordbook.WordKind;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.Remembered;
import nobrec.server.platform.SetUpVersion;
import nobrec.server.platform.task.NewTask;
import nobrec.server.platform.task.Tasks;
import nobrec.server.workorder.OpenWords;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pairs that translate the words of a source into ours. */
@Service
public class Wordbook {

    /** @param source code of the source */
    record Key(String source, WordKind kind, String word) {}

    /** @param nearest the known word it is most like; empty when none is */
    record OpenEntry(String source, WordKind kind, String word, String written, int jobs, Optional<String> nearest) {}

    private final WordbookMapper mapper;
    private final ShopWords shopWords;
    private final OpenWords openWords;
    private final Tasks tasks;
    private final SetUpVersion version;
    private final AuditLog auditLog;
    private final ObjectProvider<WaitingWords> waiting;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final Remembered<Map<Key, String>> entries;

    Wordbook(
            WordbookMapper mapper,
            ShopWords shopWords,
            OpenWords openWords,
            Tasks tasks,
            SetUpVersion version,
            AuditLog auditLog,
            ObjectProvider<WaitingWords> waiting,
            ApplicationEventPublisher events,
            Clock clock) {
        this.waiting = waiting;
        this.events = events;
        this.mapper = mapper;
        this.shopWords = shopWords;
        this.openWords = openWords;
        this.tasks = tasks;
        this.version = version;
        this.auditLog = auditLog;
        this.clock = clock;
        this.entries = new Remembered<>(version, this::readAll);
    }

    private Map<Key, String> readAll() {
        Map<Key, String> all = new HashMap<>();
        mapper.all().forEach(row -> all.put(new Key(row.source(), row.kind(), row.word()), row.meaning()));
        return all;
    }

    /** What the words of a source mean: what somebody answered for it, else what is known here. */
    public SourceWords of(String source) {
        return words(source, entries.get());
    }

    /** The same as it stands at this moment, whichever server the last answer was given at. */
    public SourceWords atThisMoment(String source) {
        return words(source, readAll());
    }

    private SourceWords words(String source, Map<Key, String> answered) {
        KnownWords known = shopWords.known();
        return (kind, word) -> Optional.ofNullable(answered.get(new Key(source, kind, KnownWords.plain(word))))
                .or(() -> known.meaning(kind, word));
    }

    /** The words known here, to choose a meaning from. */
    public KnownWords known() {
        return shopWords.known();
    }

    /** As people call a source. */
    String sourceName(String code) {
        return known().all(WordKind.SYSTEM).stream()
                .filter(each -> each.meaning().equals(code))
                .findFirst()
                .map(each -> each.words().get(0))
                .orElse("Files");
    }

    List<WordbookRow> answered() {
        return mapper.all();
    }

    /** Words that nobody has translated yet, those on most jobs first. */
    List<OpenEntry> open() {
        return Stream.concat(openWords.all().stream(), waiting.stream().flatMap(each -> each.waitingWords().stream()))
                .map(each -> new OpenEntry(
                        each.source(),
                        each.kind(),
                        each.word(),
                        each.written(),
                        each.jobs(),
                        NearestWord.of(each.written(), known().all(each.kind()))))
                .toList();
    }

    /**
     * Says what a word means, also for the future, and frees the jobs that wait for it.
     *
     * @return the task that frees them
     */
    @Transactional
    public long answer(String source, WordKind kind, String word, String meaning, String signIn) {
        String plain = KnownWords.plain(word);
        if (plain.isEmpty()) {
            throw Refusal.unusable("The word", "It is empty.", "Choose one of the list.");
        }
        String ours = known().meaning(kind, meaning)
                .orElseThrow(() -> Refusal.unusable(
                        "“" + meaning + "”", "This is no " + kind.label() + " known here.", "Choose one of the list."));
        mapper.keep(new WordbookRow(source, kind, plain, ours, signIn, clock.instant()));
        version.changed();
        events.publishEvent(new WordAnswered(source, kind, plain));
        auditLog.write(signIn, "answered a word", word, kind.label() + " of " + source + ": " + ours);
        return tasks.start(
                new NewTask(
                        WordTask.KIND,
                        "wordbook",
                        "“" + word + "” means " + ours,
                        new WordTask.Request(source, kind, plain)),
                signIn);
    }

    /** From now on the word is asked about again; jobs that are here stay as they are. */
    @Transactional
    public void forget(String source, WordKind kind, String word, String signIn) {
        if (mapper.delete(source, kind, KnownWords.plain(word)) == 0) {
            throw Refusal.notFound("The word “" + word + "”", "Reload the page.");
        }
        version.changed();
        events.publishEvent(new WordAnswered(source, kind, KnownWords.plain(word)));
        auditLog.write(signIn, "took a word back", word, kind.label() + " of " + source);
    }
}
