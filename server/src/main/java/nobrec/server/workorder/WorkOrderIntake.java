package nobrec.server.workorder;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.address.PlaceKind;
import nobrec.core.address.PostalAddress;
import nobrec.core.intake.OpenWord;
import nobrec.core.intake.OrderCorrection;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.item.Item;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.UnknownWord;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.place.Places;
import nobrec.server.platform.mapping.RowBatch;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.workorder.list.JobAttentions;
import nobrec.server.workorder.list.JobEntries;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes work orders in by the thousand. */
@Service
public class WorkOrderIntake {

    /** A work order on its way in, with what house rules say of it. */
    private record Incoming(WorkOrder order, @Nullable Long place, List<OpenWord> words) {

        static Incoming of(
                WorkOrderDraft draft, String source, Optional<Places.Recognized> place, RulesInForce.Rules rules) {
            Optional<PlaceKind> kind = place.flatMap(Places.Recognized::saidKind);
            WorkOrder order = draft.unkept(source).with(kind, List.of(), Ruling.NONE);
            List<UnknownWord> unknown = draft.openWords().stream()
                    .map(word -> new UnknownWord(word.kind().label(), word.text()))
                    .toList();
            return new Incoming(
                    order.with(kind, unknown, rules.of(order)),
                    place.map(Places.Recognized::id).orElse(null),
                    draft.openWords());
        }
    }

    private final WorkOrderMapper mapper;
    private final RowBatch batch;
    private final KnownItems items;
    private final RulesInForce rules;
    private final ChangedOrders changes;
    private final JobEntries entries;
    private final JobAttentions attentions;
    private final Places places;
    private final ShopMoney money;
    private final Clock clock;

    WorkOrderIntake(
            WorkOrderMapper mapper,
            RowBatch batch,
            KnownItems items,
            RulesInForce rules,
            ChangedOrders changes,
            JobEntries entries,
            JobAttentions attentions,
            Places places,
            ShopMoney money,
            Clock clock) {
        this.items = items;
        this.rules = rules;
        this.changes = changes;
        this.entries = entries;
        this.attentions = attentions;
        this.places = places;
        this.mapper = mapper;
        this.batch = batch;
        this.money = money;
        this.clock = clock;
    }

    /**
     * Takes work orders in, but for those whose number is there already, be it that another system brought it in.
     *
     * @return how many were new
     */
    @Transactional
    public int takeIn(String source, @Nullable Long importRunId, List<WorkOrderDraft> all) {
        List<WorkOrderDraft> drafts = filled(withoutThoseHere(source, withoutThoseOfOtherSystems(source, all)));
        if (drafts.isEmpty()) {
            return 0;
        }
        RulesInForce.Rules counting = rules.now();
        Map<PostalAddress, Places.Recognized> known = places.recognize(
                drafts.stream().flatMap(WorkOrderDraft::shipTos).toList());
        List<Incoming> incoming = drafts.stream()
                .map(draft -> Incoming.of(draft, source, Optional.ofNullable(known.get(draft.shipTo())), counting))
                .toList();
        insert(importRunId, incoming, counting.version());
        Map<String, Long> ids =
                mapper
                        .idsBySource(
                                source,
                                drafts.stream().map(WorkOrderDraft::number).toList())
                        .stream()
                        .collect(Collectors.toMap(NewOrderId::number, NewOrderId::id));
        List<WorkOrderLineRow> lines = new ArrayList<>();
        List<NewWord> words = new ArrayList<>();
        Map<Long, WorkOrder> recorded = new HashMap<>();
        Map<Long, WorkOrder> counted = new HashMap<>();
        for (Incoming each : incoming) {
            long id = Objects.requireNonNull(ids.get(each.order().number()), "a work order that was just kept");
            recorded.put(id, each.order());
            counted.put(id, each.order().ruled());
            lines.addAll(lineRows(id, each.order()));
            each.words().forEach(word -> words.add(NewWord.of(id, source, word)));
        }
        batch.forEach(WorkOrderMapper.class, lines, WorkOrderMapper::insertLine);
        batch.forEach(WorkOrderMapper.class, words, WorkOrderMapper::insertWord);
        entries.cameIn(recorded);
        attentions.cameIn(counted);
        return drafts.size();
    }

    private List<WorkOrderLineRow> lineRows(long id, WorkOrder order) {
        return order.lines().stream()
                .map(line -> WorkOrderLineRow.of(id, line, money))
                .toList();
    }

    private void insert(@Nullable Long importRunId, List<Incoming> incoming, int rulesVersion) {
        Instant now = clock.instant();
        List<NewOrder> rows = incoming.stream()
                .map(each -> NewOrder.of(each.order(), each.place(), rulesVersion, importRunId, now, money))
                .toList();
        try {
            batch.forEach(WorkOrderMapper.class, rows, WorkOrderMapper::insert);
        } catch (DuplicateKeyException meanwhile) {
            throw new PessimisticLockingFailureException(
                    "Another has brought in one of these work orders at the same moment.", meanwhile);
        }
    }

    /** Those whose number nobody of the source has; of two with the same number the first. */
    private List<WorkOrderDraft> withoutThoseHere(String source, List<WorkOrderDraft> drafts) {
        Map<String, WorkOrderDraft> fresh = new LinkedHashMap<>();
        drafts.forEach(draft -> fresh.putIfAbsent(draft.number(), draft));
        if (!fresh.isEmpty()) {
            mapper.numbersHere(source, List.copyOf(fresh.keySet())).forEach(fresh::remove);
        }
        return List.copyOf(fresh.values());
    }

    /** A job may come through one system and belong to another, which brings it in as well: it is one job. */
    private List<WorkOrderDraft> withoutThoseOfOtherSystems(String source, List<WorkOrderDraft> drafts) {
        if (drafts.isEmpty()) {
            return drafts;
        }
        Set<String> here = new HashSet<>();
        mapper.idsByOrigin(source, drafts.stream().map(WorkOrderDraft::number).toList())
                .forEach(row -> here.add(row.number()));
        Map<String, Set<String>> byOrigin = new HashMap<>();
        drafts.stream()
                .map(WorkOrderDraft::particulars)
                .filter(each -> !each.origin().isEmpty() && !each.originNumber().isEmpty())
                .forEach(each -> byOrigin.computeIfAbsent(each.origin(), origin -> new HashSet<>())
                        .add(each.originNumber()));
        Map<String, Set<String>> known = new HashMap<>();
        byOrigin.forEach((origin, numbers) -> {
            Set<String> found = known.computeIfAbsent(origin, each -> new HashSet<>());
            mapper.idsBySource(origin, numbers).forEach(row -> found.add(row.number()));
            mapper.idsByOrigin(origin, numbers).forEach(row -> found.add(row.number()));
        });
        return drafts.stream()
                .filter(draft -> !here.contains(draft.number()))
                .filter(draft -> !known.getOrDefault(draft.particulars().origin(), Set.of())
                        .contains(draft.particulars().originNumber()))
                .toList();
    }

    /** What records lack of their lines is taken from the items. */
    private List<WorkOrderDraft> filled(List<WorkOrderDraft> drafts) {
        Function<String, Optional<Item>> known = items.of(drafts.stream()
                .flatMap(draft -> draft.lines().stream())
                .map(WorkOrderDraft.Line::item)
                .toList());
        return drafts.stream().map(draft -> draft.filledFrom(known)).toList();
    }

    /**
     * Has fields of a work order say something else; which pieces it is of stays as it is, so that what is on the bench stays, too.
     * Its row is locked.
     *
     * @param fields that were typed; words in them that nobody knew are known now
     */
    @Transactional
    public void correct(WorkOrder job, WorkOrderDraft corrected, Collection<OrderCorrection.Entry> fields) {
        fields.forEach(each -> mapper.deleteWord(job.id(), each.field(), each.line()));
        WorkOrderDraft draft = filled(List.of(corrected)).get(0);
        WorkOrder order = draft.unkept(job.source());
        mapper.updateHead(job.id(), WorkOrderRow.of(order, Ruling.NONE, money));
        batch.forEach(LineItemMapper.class, lineRows(job.id(), order), LineItemMapper::updateFacts);
        changes.of(job.id());
    }

    /** Has a work order say something else than it did when it came in. */
    void change(String source, long id, WorkOrderDraft changed, boolean lines) {
        WorkOrderDraft draft = lines ? filled(List.of(changed)).get(0) : changed;
        WorkOrder order = draft.unkept(source);
        mapper.updateHead(id, WorkOrderRow.of(order, Ruling.NONE, money));
        if (lines) {
            mapper.deleteLines(id);
            mapper.deleteLineWords(id);
            batch.forEach(WorkOrderMapper.class, lineRows(id, order), WorkOrderMapper::insertLine);
            batch.forEach(
                    WorkOrderMapper.class,
                    draft.openWords().stream()
                            .filter(word -> word.line() > 0)
                            .map(word -> NewWord.of(id, source, word))
                            .toList(),
                    WorkOrderMapper::insertWord);
        }
        changes.of(id);
    }
}
