package nobrec.server.source;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.limit.Limits;
import nobrec.core.wordbook.WordKind;
import nobrec.server.platform.Shortened;
import nobrec.server.wordbook.WaitingWords;
import nobrec.server.wordbook.WordAnswered;
import nobrec.server.wordbook.Wordbook;
import nobrec.server.workorder.OpenWords;
import nobrec.server.workorder.SourceOrders;
import nobrec.server.workorder.WorkOrderIntake;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What each source said of its records last, and what was made of them here. */
@Component
class KeptRecords implements WaitingWords {

    private final RecordMapper mapper;
    private final RecordReader reader;
    private final SourceOrders orders;
    private final WorkOrderIntake intake;
    private final Wordbook wordbook;
    private final Clock clock;

    KeptRecords(
            RecordMapper mapper,
            RecordReader reader,
            SourceOrders orders,
            WorkOrderIntake intake,
            Wordbook wordbook,
            Clock clock) {
        this.mapper = mapper;
        this.reader = reader;
        this.orders = orders;
        this.intake = intake;
        this.wordbook = wordbook;
        this.clock = clock;
    }

    /**
     * Keeps what a page said. A record that came twice counts as it was changed last.
     *
     * @return what is odd about records that cannot be kept
     */
    @Transactional
    List<String> keep(SourceSetUp source, List<SourceRecord> page) {
        List<String> odd = new ArrayList<>();
        Map<String, SourceRecord> byNumber = new LinkedHashMap<>();
        int place = 0;
        for (SourceRecord record : page) {
            place++;
            if (record.number().isEmpty()) {
                odd.add("Record " + place + " of a page has no number.");
            } else if (record.number().length() > Limits.TEXT || record.status().length() > Limits.TEXT) {
                odd.add("Record " + Shortened.to(Limits.CODE, record.number())
                        + " has a number or status that is too long.");
            } else {
                byNumber.merge(record.number(), record, KeptRecords::later);
            }
        }
        if (byNumber.isEmpty()) {
            return odd;
        }
        Map<String, KeptRecordRow> before = mapper.records(source.code(), byNumber.keySet()).stream()
                .collect(Collectors.toMap(KeptRecordRow::number, Function.identity()));
        Map<String, Long> here = orders.idsOf(source.code(), byNumber.keySet());
        byNumber.values()
                .forEach(record -> keep(
                        source,
                        record,
                        Optional.ofNullable(before.get(record.number())),
                        Optional.ofNullable(here.get(record.number()))));
        return odd;
    }

    private static SourceRecord later(SourceRecord one, SourceRecord other) {
        return other.changed().isBefore(one.changed()) ? one : other;
    }

    private void keep(SourceSetUp source, SourceRecord record, Optional<KeptRecordRow> before, Optional<Long> order) {
        String document = reader.document(record);
        String taken = before.map(KeptRecordRow::takenDocument).orElse(null);
        if (order.isPresent() && taken == null) {
            // It came in another way, as by a file: from here on it is followed.
            taken = document;
        }
        RecordReader.Read read = reader.read(source, record);
        RecordState state = state(source, record, document, taken, order);
        boolean isNews = before.map(row -> !row.document().equals(document)).orElse(true);
        if (state == RecordState.CANCELLED && order.isPresent() && isNews) {
            orders.hold(order.get(), "Cancelled at " + source.name() + ": " + record.cancelled());
        }
        if (order.isPresent() && isNews) {
            orders.saysOtherwise(order.get(), state == RecordState.CHANGED || state == RecordState.CANCELLED);
        }
        Optional<WorkOrderDraft> draft = read.draft();
        LocalDate promise = draft.flatMap(WorkOrderDraft::promiseDate).orElse(null);
        mapper.keep(
                new KeptRecordRow(
                        0,
                        source.code(),
                        record.number(),
                        record.status(),
                        Shortened.to(Limits.TEXT, record.cancelled()),
                        record.changed(),
                        document,
                        taken,
                        state,
                        read.problem(),
                        read.remark(),
                        draft.map(WorkOrderDraft::customer).orElse(""),
                        promise,
                        order.orElse(null)),
                clock.instant());
    }

    private RecordState state(
            SourceSetUp source, SourceRecord record, String document, @Nullable String taken, Optional<Long> order) {
        if (!record.cancelled().isEmpty()) {
            return RecordState.CANCELLED;
        }
        if (order.isPresent()) {
            return document.equals(taken) ? RecordState.HERE : RecordState.CHANGED;
        }
        return reader.isReady(source, record.status())
                .map(ready -> ready ? RecordState.NEW : RecordState.NOT_READY)
                .orElse(RecordState.UNKNOWN_STATUS);
    }

    /**
     * Makes work orders of records that are new.
     *
     * @return how many came in
     */
    @Transactional
    int take(SourceSetUp source, List<KeptRecordRow> rows) {
        List<WorkOrderDraft> drafts = new ArrayList<>();
        Map<String, KeptRecordRow> readable = new LinkedHashMap<>();
        for (KeptRecordRow row : rows) {
            RecordReader.Read read = reader.read(source, reader.record(row.document()));
            read.draft()
                    .ifPresentOrElse(
                            draft -> {
                                drafts.add(draft);
                                readable.put(draft.number(), row);
                            },
                            () -> mapper.setProblem(row.id(), read.problem()));
        }
        int fresh = intake.takeIn(source.code(), null, drafts);
        Map<String, Long> ids = orders.idsOf(source.code(), readable.keySet());
        drafts.stream()
                .filter(draft -> !draft.particulars().origin().isEmpty())
                .forEach(draft -> orders.idOfOrigin(draft).ifPresent(id -> ids.putIfAbsent(draft.number(), id)));
        readable.forEach((number, row) -> {
            Long id = ids.get(number);
            if (id != null) {
                mapper.setState(row.id(), RecordState.HERE, row.document(), id);
            }
        });
        return fresh;
    }

    /** A status has got its meaning: the records that have it stand otherwise from now on. */
    @EventListener
    @Transactional
    public void answered(WordAnswered answered) {
        if (answered.kind() == WordKind.STATUS) {
            RecordState state = wordbook.atThisMoment(answered.source())
                    .meaning(WordKind.STATUS, answered.word())
                    .map(meaning -> meaning.equals(RecordReader.READY) ? RecordState.NEW : RecordState.NOT_READY)
                    .orElse(RecordState.UNKNOWN_STATUS);
            mapper.reclassify(answered.source(), answered.word(), state);
        }
    }

    @Override
    public List<OpenWords.OpenEntry> waitingWords() {
        return mapper.unknownStatuses().stream()
                .map(each -> new OpenWords.OpenEntry(
                        each.source(), WordKind.STATUS, each.status(), each.status(), each.count()))
                .toList();
    }
}
