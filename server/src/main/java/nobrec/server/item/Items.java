package nobrec.server.item;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import nobrec.core.identifier.Barcodes;
import nobrec.core.intake.ItemFile;
import nobrec.core.intake.ItemReader;
import nobrec.core.intake.OrderReader;
import nobrec.core.intake.RowFault;
import nobrec.core.item.Handling;
import nobrec.core.item.Item;
import nobrec.core.item.LineGoods;
import nobrec.core.layout.LayoutNotation;
import nobrec.core.measure.Weight;
import nobrec.core.notation.DayText;
import nobrec.core.notation.MeasureText;
import nobrec.core.refusal.Refusal;
import nobrec.server.audit.AuditLog;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.mapping.RowBatch;
import nobrec.server.platform.task.NewTask;
import nobrec.server.platform.task.Tasks;
import nobrec.server.wordbook.ShopWords;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes of the item list; each is brought to the lines that have not left. */
@Service
public class Items {

    static final String LANE = "items";

    /** @param version to be sent with a change */
    record Listed(Item item, int version, String changedBy, Instant changedAt) {}

    /** @param fresh how many are new */
    record TakenIn(ItemReader.Result read, int fresh) {}

    private final ItemMapper mapper;
    private final KeptItems kept;
    private final RowBatch batch;
    private final Tasks tasks;
    private final ShopWords shopWords;
    private final AuditLog auditLog;
    private final NobrecSettings settings;
    private final Clock clock;

    Items(
            ItemMapper mapper,
            KeptItems kept,
            RowBatch batch,
            Tasks tasks,
            ShopWords shopWords,
            AuditLog auditLog,
            NobrecSettings settings,
            Clock clock) {
        this.mapper = mapper;
        this.kept = kept;
        this.batch = batch;
        this.tasks = tasks;
        this.shopWords = shopWords;
        this.auditLog = auditLog;
        this.settings = settings;
        this.clock = clock;
    }

    /** @param after number of the item before these; empty text for the beginning */
    List<Listed> page(String text, String after, int limit) {
        return mapper.page(text, KeptItems.key(after), limit).stream()
                .map(row -> new Listed(kept.read(row), row.version(), row.changedBy(), row.changedAt()))
                .toList();
    }

    /** Those with these numbers, looked up at once. */
    /** Items of which a scanned text is the number or the barcode, in whichever length the barcode is written. */
    public List<Item> scanned(String text) {
        return Stream.concat(
                        kept.of(List.of(text)).apply(text).stream(),
                        mapper.byBarcodes(Barcodes.notations(text)).stream().map(kept::read))
                .distinct()
                .toList();
    }

    public Function<String, Optional<Item>> of(List<String> numbers) {
        return kept.of(numbers);
    }

    /**
     * Keeps an item as it is written, and nothing of what it was.
     *
     * @param version that was looked at; zero for a new one
     */
    @Transactional
    public void save(int version, List<String> cells, String signIn) {
        Item item = read(cells);
        Optional<ItemRow> before = mapper.locked(KeptItems.key(item.number()));
        int there = before.map(ItemRow::version).orElse(0);
        if (there != version) {
            throw there > 0 && version == 0
                    ? Refusal.unusable(thing(item.number()), "There is one of that number.", "Open it to change it.")
                    : Refusal.changedSince(
                            thing(item.number()), "Somebody has changed it since you opened it.", "Open it again.");
        }
        keep(List.of(item), signIn);
        auditLog.write(
                signIn, version == 0 ? "added an item" : "changed an item", thing(item.number()), cells.toString());
    }

    private Item read(List<String> cells) {
        ItemReader.Result read =
                ItemReader.read(ItemFile.header(), List.of(new OrderReader.Row(1, cells)), shopWords.known(), usual());
        RowFault fault = read.faults().stream().findFirst().orElse(null);
        if (fault != null) {
            throw Refusal.unusable(fault.column(), fault.reason(), fault.remedy());
        }
        return read.items().stream()
                .findFirst()
                .orElseThrow(() -> Refusal.unusable("The item", "It has no number.", "Give it one."));
    }

    @Transactional
    public void remove(String number, String signIn) {
        if (mapper.delete(KeptItems.key(number)) == 0) {
            throw Refusal.notFound(thing(number), "Reload the page.");
        }
        auditLog.write(signIn, "removed an item", thing(number), "");
        bringToJobs(thing(number), new ItemLinesTask.Request(now(), List.of(number)), signIn);
    }

    /** From now on a piece of it weighs this; an item that is not in the list comes into it. */
    @Transactional
    public void learnWeight(String number, String description, Weight weight, String signIn) {
        keep(List.of(lockedOrNew(number, description).weighing(weight)), signIn);
        auditLog.write(
                signIn, "learned a weight", thing(number), MeasureText.show(weight, settings.units()) + " a piece");
    }

    /** From now on it is declared to customs like a line; an item that is not in the list comes into it. */
    @Transactional
    public void learnCustoms(String number, String description, LineGoods goods, String signIn) {
        keep(List.of(lockedOrNew(number, description).declaredAs(goods)), signIn);
        auditLog.write(
                signIn,
                "learned what customs wants",
                thing(number),
                "HS code " + goods.hsCode() + ", origin " + goods.origin());
    }

    private Item lockedOrNew(String number, String description) {
        return mapper.locked(KeptItems.key(number))
                .map(kept::read)
                .orElseGet(() -> new Item(
                        number,
                        description,
                        Optional.empty(),
                        Optional.empty(),
                        Handling.ANY,
                        LineGoods.UNKNOWN,
                        "",
                        ""));
    }

    /** Takes a list in: what a cell says replaces what was there, an empty one leaves it. */
    @Transactional
    public TakenIn takeIn(String fileName, List<String> header, List<OrderReader.Row> rows, String signIn) {
        ItemReader.Result read = ItemReader.read(header, rows, shopWords.known(), usual());
        if (!read.readAs().containsValue("Item")) {
            throw Refusal.unusable(
                    "File “" + fileName + "”",
                    "None of its columns is known as the item's number.",
                    "Call that column Item, and drop it again.");
        }
        Function<String, Optional<Item>> before =
                kept.of(read.items().stream().map(Item::number).toList());
        int fresh = (int) read.items().stream()
                .filter(item -> before.apply(item.number()).isEmpty())
                .count();
        keep(
                read.items().stream()
                        .map(item ->
                                before.apply(item.number()).map(item::orElse).orElse(item))
                        .toList(),
                signIn);
        auditLog.write(signIn, "took an item list in", fileName, read.items().size() + " items, " + fresh + " new");
        return new TakenIn(read, fresh);
    }

    /** Items that are not in the list yet; those that are stay as they are. */
    int add(List<Item> items, String signIn) {
        Function<String, Optional<Item>> here =
                kept.of(items.stream().map(Item::number).toList());
        Map<String, Item> fresh = new LinkedHashMap<>();
        items.stream()
                .filter(item -> here.apply(item.number()).isEmpty())
                .forEach(item -> fresh.putIfAbsent(KeptItems.key(item.number()), item));
        batch.forEach(ItemMapper.class, rows(fresh.values(), signIn, now()), ItemMapper::add);
        return fresh.size();
    }

    private List<NewItem> rows(Collection<Item> items, String signIn, Instant now) {
        return items.stream().map(item -> kept.row(item, signIn, now)).toList();
    }

    private void keep(List<Item> items, String signIn) {
        Instant now = now();
        batch.forEach(ItemMapper.class, rows(items, signIn, now), ItemMapper::keep);
        if (!items.isEmpty()) {
            String subject = items.size() == 1 ? thing(items.get(0).number()) : items.size() + " items";
            bringToJobs(subject, new ItemLinesTask.Request(now, List.of()), signIn);
        }
    }

    private void bringToJobs(String subject, ItemLinesTask.Request request, String signIn) {
        tasks.start(new NewTask(ItemLinesTask.KIND, LANE, subject + " brought to the jobs", request), signIn);
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }

    private LayoutNotation usual() {
        return new LayoutNotation(
                DayText.Order.MONTH_FIRST,
                settings.units().weightUnit(),
                settings.units().lengthUnit(),
                settings.decimals(),
                "US");
    }

    private static String thing(String number) {
        return "Item " + number;
    }
}
