package nobrec.server.workorder;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import nobrec.core.address.PostalAddress;
import nobrec.core.charging.FreightTerms;
import nobrec.core.intake.OpenWord;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.item.Item;
import nobrec.core.wordbook.KnownWords;
import nobrec.core.workorder.Particulars;
import nobrec.core.workorder.Ruling;
import nobrec.server.platform.mapping.RowsAsJson;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes work orders in by the thousand. */
@Service
public class WorkOrderIntake {

    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm:ss.SSSSSS");
    private static final int CENTS = 2;

    private final WorkOrderMapper mapper;
    private final RowsAsJson rowsAsJson;
    private final KnownItems items;
    private final RulesInForce rules;
    private final Rulings rulings;
    private final Clock clock;

    WorkOrderIntake(
            WorkOrderMapper mapper,
            RowsAsJson rowsAsJson,
            KnownItems items,
            RulesInForce rules,
            Rulings rulings,
            Clock clock) {
        this.items = items;
        this.rules = rules;
        this.rulings = rulings;
        this.mapper = mapper;
        this.rowsAsJson = rowsAsJson;
        this.clock = clock;
    }

    private record NewWord(long orderId, OpenWord word) {}

    /**
     * Takes work orders in, but for those whose number is there already, be it that another system brought it in.
     *
     * @return how many were new
     */
    @Transactional
    public int takeIn(String source, @Nullable Long importRunId, List<WorkOrderDraft> all) {
        List<WorkOrderDraft> drafts = filled(withoutThoseOfOtherSystems(source, all));
        RulesInForce.Rules counting = rules.now();
        String now = MOMENT.format(LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC));
        Map<String, Long> fresh = new HashMap<>();
        rowsAsJson.forPortions(
                drafts,
                (columns, draft) -> {
                    write(columns, draft);
                    rule(columns, draft, source, counting);
                },
                json -> mapper.insertNew(source, importRunId, now, counting.version(), json)
                        .forEach(row -> fresh.put(row.number(), row.id())));
        List<LineColumns.NewLine> lines = new ArrayList<>();
        List<NewWord> words = new ArrayList<>();
        for (WorkOrderDraft draft : drafts) {
            Long id = fresh.get(draft.number());
            if (id != null) {
                int position = 0;
                for (WorkOrderDraft.Line line : draft.lines()) {
                    position++;
                    lines.add(new LineColumns.NewLine(id, position, line));
                }
                draft.openWords().forEach(word -> words.add(new NewWord(id, word)));
            }
        }
        rowsAsJson.forPortions(lines, LineColumns::write, mapper::insertLines);
        rowsAsJson.forPortions(words, WorkOrderIntake::write, json -> mapper.insertWords(source, json));
        return fresh.size();
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

    /** Has a work order say something else than it did when it came in. */
    void change(String source, long id, WorkOrderDraft changed, boolean lines) {
        WorkOrderDraft draft = lines ? filled(List.of(changed)).get(0) : changed;
        rowsAsJson.forPortions(List.of(draft), WorkOrderIntake::write, json -> mapper.updateHead(id, json));
        if (lines) {
            mapper.deleteLines(id);
            mapper.deleteLineWords(id);
            List<LineColumns.NewLine> fresh = new ArrayList<>();
            draft.lines().forEach(line -> fresh.add(new LineColumns.NewLine(id, fresh.size() + 1, line)));
            rowsAsJson.forPortions(fresh, LineColumns::write, mapper::insertLines);
            List<NewWord> words = draft.openWords().stream()
                    .filter(word -> word.line() > 0)
                    .map(word -> new NewWord(id, word))
                    .toList();
            rowsAsJson.forPortions(words, WorkOrderIntake::write, json -> mapper.insertWords(source, json));
        }
        rulings.again(id);
    }

    private static void rule(
            RowsAsJson.Columns columns, WorkOrderDraft draft, String source, RulesInForce.Rules counting) {
        Ruling ruling = counting.of(draft.unkept(source));
        columns.with("ruling", RecordTexts.write(ruling))
                .with("ruledService", Rulings.ruledService(draft.requestedService(), ruling));
    }

    private static void write(RowsAsJson.Columns columns, WorkOrderDraft draft) {
        PostalAddress shipTo = draft.shipTo();
        FreightTerms terms = draft.terms();
        Particulars more = draft.particulars();
        columns.with("batch", more.batch())
                .with("site", more.site())
                .with("carton", more.carton())
                .with("hold", more.hold())
                .with("noPrices", more.noPrices() ? 1 : null)
                .with("notes", more.notes())
                .with("reference1", more.references().get(0))
                .with("reference2", more.references().get(1))
                .with("origin", more.origin())
                .with("originNumber", more.originNumber())
                .with("billTo", RecordTexts.write(more.billTo()))
                .with("custom", RecordTexts.write(more.custom()))
                .with("number", draft.number())
                .with("customer", draft.customer())
                .with("customerPo", draft.customerPo())
                .with("company", shipTo.company())
                .with("person", shipTo.person())
                .with("street", shipTo.street())
                .with("street2", shipTo.street2())
                .with("city", shipTo.city())
                .with("state", shipTo.state())
                .with("postalCode", shipTo.postalCode())
                .with("country", shipTo.country())
                .with("phone", draft.phone())
                .with("mail", draft.mail())
                .with("promiseDate", draft.promiseDate().map(Object::toString).orElse(null))
                .with("requestedService", draft.requestedService())
                .with("terms", terms.name())
                .with("carrierAccount", draft.carrierAccount())
                .with(
                        "quotedFreight",
                        draft.quotedFreightCents().map(WorkOrderIntake::amount).orElse(null));
    }

    private static void write(RowsAsJson.Columns columns, NewWord row) {
        OpenWord word = row.word();
        columns.with("order", row.orderId())
                .with("kind", word.kind().name())
                .with("word", KnownWords.plain(word.word()))
                .with("field", word.field().name())
                .with("line", word.line())
                .with("written", word.text());
    }

    private static BigDecimal amount(long cents) {
        return BigDecimal.valueOf(cents, CENTS);
    }
}
