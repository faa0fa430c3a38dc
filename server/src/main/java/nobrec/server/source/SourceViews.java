package nobrec.server.source;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nobrec.core.layout.OrderLayout;
import nobrec.core.refusal.Refusal;
import nobrec.core.wordbook.WordKind;
import nobrec.server.api.list.Part;
import nobrec.server.layout.LayoutDocument;
import nobrec.server.site.Sites;
import nobrec.server.source.SourceController.CountView;
import nobrec.server.source.SourceController.FieldOfSource;
import nobrec.server.source.SourceController.OurSite;
import nobrec.server.source.SourceController.RecordList;
import nobrec.server.source.SourceController.RecordView;
import nobrec.server.source.SourceController.SetUpView;
import nobrec.server.source.SourceController.SourceKind;
import nobrec.server.source.SourceController.SourceList;
import nobrec.server.source.SourceController.SourceView;
import nobrec.server.source.SourceController.WordOfSource;
import nobrec.server.wordbook.Wordbook;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Sources as the screens show them. */
@Component
class SourceViews {

    private static final int SEEN = 50;
    private static final int SAMPLES = 3;
    private static final List<RecordState> LISTED =
            List.of(RecordState.NEW, RecordState.UNKNOWN_STATUS, RecordState.CHANGED, RecordState.CANCELLED);

    private final RecordSources sources;
    private final RecordMapper mapper;
    private final RecordReader reader;
    private final Wordbook wordbook;
    private final Sites sites;
    private final String watchedFolder;

    SourceViews(
            RecordSources sources,
            RecordMapper mapper,
            RecordReader reader,
            Wordbook wordbook,
            Sites sites,
            @Value("${nobrec.watched-folder:}") String watchedFolder) {
        this.watchedFolder = watchedFolder;
        this.sources = sources;
        this.mapper = mapper;
        this.reader = reader;
        this.wordbook = wordbook;
        this.sites = sites;
    }

    SourceList list() {
        return new SourceList(
                sources.rows().stream().map(this::view).toList(),
                sources.kinds().stream()
                        .map(port -> new SourceKind(port.adapterName(), port.label(), port.needsQuery()))
                        .toList(),
                Optional.of(watchedFolder).filter(each -> !each.isBlank()));
    }

    private SourceView view(RecordSourceRow row) {
        SourceSetUp source = sources.setUp(row.code());
        Map<RecordState, Integer> counts =
                mapper.counts(row.code()).stream().collect(Collectors.toMap(StateCount::state, StateCount::count));
        return new SourceView(
                row.code(),
                row.name(),
                kind(row.adapter()),
                address(source),
                row.everyMinutes(),
                Optional.ofNullable(row.nextAt()),
                Optional.ofNullable(row.taskId()),
                Optional.ofNullable(row.lastAt()),
                row.lastSaid(),
                row.lastFailed(),
                row.layout() != null,
                counts.getOrDefault(RecordState.NEW, 0),
                counts.getOrDefault(RecordState.CHANGED, 0),
                counts.getOrDefault(RecordState.UNKNOWN_STATUS, 0));
    }

    private String kind(String adapter) {
        return sources.kinds().stream()
                .filter(port -> port.adapterName().equals(adapter))
                .map(RecordPort::label)
                .findFirst()
                .orElse(adapter);
    }

    private String address(SourceSetUp source) {
        try {
            return sources.address(source).toString();
        } catch (Refusal notSetUp) {
            return "";
        }
    }

    SetUpView setUp(SourceSetUp source) {
        List<SourceRecord> seen = mapper.someNewest(source.code(), SEEN).stream()
                .map(row -> reader.record(row.document()))
                .toList();
        OrderLayout layout = source.layout()
                .orElseGet(() -> SourceLayouts.guess(source.name(), source.about(), seen, wordbook.of(source.code())));
        return new SetUpView(
                source.code(),
                source.name(),
                source.version(),
                source.layout().isPresent(),
                LayoutDocument.of(layout),
                SourceLayouts.columns(source.about(), seen).stream()
                        .map(column -> new FieldOfSource(column, SourceLayouts.samples(column, seen, SAMPLES)))
                        .toList(),
                statuses(source),
                siteWords(source),
                sites.all().stream()
                        .map(site -> new OurSite(site.code(), site.company() + ", " + site.city()))
                        .toList(),
                source.defaults().texts(),
                source.everyMinutes(),
                sources.port(source).needsQuery() ? Optional.of(source.query()) : Optional.empty());
    }

    /** Those it says that its records may have, and those that they have. */
    private List<WordOfSource> statuses(SourceSetUp source) {
        Map<String, Integer> counts = mapper.statuses(source.code()).stream()
                .filter(each -> !each.status().isEmpty())
                .collect(Collectors.toMap(StatusCount::status, StatusCount::count, Integer::sum, LinkedHashMap::new));
        Map<String, String> labels = new LinkedHashMap<>();
        source.about().statuses().forEach(each -> labels.put(each.word(), each.label()));
        counts.keySet().forEach(word -> labels.putIfAbsent(word, word));
        List<WordOfSource> words = new ArrayList<>();
        labels.forEach((word, label) -> words.add(
                new WordOfSource(word, label, meaning(source, WordKind.STATUS, word), counts.getOrDefault(word, 0))));
        return words;
    }

    private List<WordOfSource> siteWords(SourceSetUp source) {
        return source.about().sites().stream()
                .map(each ->
                        new WordOfSource(each.word(), each.label(), meaning(source, WordKind.SITE, each.word()), 0))
                .toList();
    }

    private String meaning(SourceSetUp source, WordKind kind, String word) {
        return wordbook.of(source.code()).meaning(kind, word).orElse("");
    }

    RecordList records(SourceSetUp source, Part part) {
        long after = part.cursor() == null ? 0 : part.cursor();
        List<KeptRecordRow> rows = mapper.ofState(source.code(), LISTED, after, part.limit());
        return new RecordList(
                rows.stream().map(SourceViews::view).toList(),
                part.next(rows, KeptRecordRow::id),
                mapper.counts(source.code()).stream()
                        .map(each -> new CountView(each.state().name(), each.count()))
                        .toList());
    }

    private static RecordView view(KeptRecordRow row) {
        return new RecordView(
                row.id(),
                row.number(),
                row.status(),
                row.state().name(),
                row.customer(),
                Optional.ofNullable(row.promiseDate()),
                row.changedAt(),
                row.problem(),
                row.remark(),
                row.cancelled());
    }
}
