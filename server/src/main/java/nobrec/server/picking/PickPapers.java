package nobrec.server.picking;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.item.Item;
import nobrec.core.item.LotShare;
import nobrec.core.measure.Weight;
import nobrec.core.notation.DayWords;
import nobrec.core.notation.MeasureText;
import nobrec.core.paper.SheetSize;
import nobrec.core.picking.PickList;
import nobrec.core.picking.ShelfOrder;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.document.PickListText;
import nobrec.server.document.PickPrinter;
import nobrec.server.document.PickSlipText;
import nobrec.server.item.Items;
import nobrec.server.platform.LotText;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.site.Sites;
import nobrec.server.workorder.WorkOrders;
import org.springframework.stereotype.Service;

/** Pick slips, one a job, and the pick list over many. */
@Service
class PickPapers {

    private static final int JOBS_NAMED = 12;

    private final WorkOrders workOrders;
    private final Items items;
    private final Sites sites;
    private final PickPrinter printer;
    private final NobrecSettings settings;

    PickPapers(WorkOrders workOrders, Items items, Sites sites, PickPrinter printer, NobrecSettings settings) {
        this.workOrders = workOrders;
        this.items = items;
        this.sites = sites;
        this.printer = printer;
        this.settings = settings;
    }

    /** @param each whether each begins a page */
    byte[] slips(List<String> numbers, SheetSize sheet, boolean each) {
        List<WorkOrder> jobs = toPick(numbers);
        Function<String, String> shelf = shelves(jobs);
        return printer.slips(jobs.stream().map(job -> slip(job, shelf)).toList(), sheet, each);
    }

    byte[] list(List<String> numbers, SheetSize sheet) {
        List<WorkOrder> jobs = toPick(numbers);
        PickList list = PickList.of(jobs, shelves(jobs));
        return printer.list(
                new PickListText(
                        DayWords.withYear(sites.today()),
                        jobs.size() + (jobs.size() == 1 ? " job, " : " jobs, ") + pieces(list.pieces()),
                        list.entries().stream().map(PickPapers::line).toList()),
                sheet);
    }

    /** @throws Refusal where nothing is left to fetch for any of them */
    private List<WorkOrder> toPick(List<String> numbers) {
        List<WorkOrder> jobs = new ArrayList<>();
        for (String number : new LinkedHashSet<>(numbers)) {
            jobs.add(workOrders.byNumber(number.strip()));
        }
        jobs.removeIf(job -> job.lines().stream().allMatch(line -> line.quantityReadyToGo() == 0));
        if (jobs.isEmpty()) {
            throw Refusal.unusable(
                    "These jobs", "Nothing is left to fetch for them: what is ready has left.", "Choose others.");
        }
        return jobs;
    }

    /** Where each item lies, by its number. */
    private Function<String, String> shelves(Collection<WorkOrder> jobs) {
        List<String> numbers = List.copyOf(jobs.stream()
                .flatMap(job -> job.lines().stream())
                .map(WorkOrder.Line::item)
                .filter(item -> !item.isEmpty())
                .collect(Collectors.toCollection(() -> new TreeSet<>(String.CASE_INSENSITIVE_ORDER))));
        Function<String, Optional<Item>> found = items.of(numbers);
        return number -> found.apply(number).map(Item::shelf).orElse("");
    }

    private PickSlipText slip(WorkOrder job, Function<String, String> shelf) {
        List<WorkOrder.Line> lines = job.lines().stream()
                .filter(line -> line.quantityReadyToGo() > 0)
                .toList();
        return new PickSlipText(
                job.number(),
                job.customer(),
                job.shipTo().name() + ", " + job.shipTo().cityLine(),
                facts(job),
                lines.stream()
                        .map(line -> line(line, shelf.apply(line.item())))
                        .sorted(Comparator.comparing(PickSlipText.Line::shelf, ShelfOrder.BY_NAME))
                        .toList(),
                pieces(lines.stream()
                        .mapToInt(WorkOrder.Line::quantityReadyToGo)
                        .sum()),
                weight(lines)
                        .map(sum -> MeasureText.show(sum, settings.units()))
                        .orElse(""));
    }

    private static String pieces(int count) {
        return count + (count == 1 ? " piece" : " pieces");
    }

    private List<PickSlipText.Fact> facts(WorkOrder job) {
        List<PickSlipText.Fact> facts = new ArrayList<>();
        job.promiseDate().ifPresent(day -> facts.add(new PickSlipText.Fact("Promised", DayWords.day(day))));
        add(facts, "Requested", job.requestedService());
        add(facts, "PO", job.customerPo());
        add(facts, "Batch", job.particulars().batch());
        add(
                facts,
                "Stands at",
                job.particulars().custom().getOrDefault(settings.handover().shelfField(), ""));
        add(facts, "On hold", job.particulars().hold());
        add(facts, "Notes", job.particulars().notes());
        return facts;
    }

    private static void add(List<PickSlipText.Fact> facts, String name, String value) {
        if (!value.isBlank()) {
            facts.add(new PickSlipText.Fact(name, value));
        }
    }

    private PickSlipText.Line line(WorkOrder.Line line, String shelf) {
        return new PickSlipText.Line(
                shelf,
                line.item(),
                line.description(),
                line.quantityReadyToGo(),
                line.unitWeight()
                        .map(weight -> MeasureText.show(weight, settings.units()))
                        .orElse(""),
                line.unitSize()
                        .map(size -> MeasureText.show(size, settings.units()))
                        .orElse(""),
                remark(line));
    }

    private static String remark(WorkOrder.Line line) {
        List<String> remarks = new ArrayList<>();
        List<LotShare> lots = LotShare.take(line.lots(), line.quantityShipped(), line.quantityReadyToGo());
        if (!lots.isEmpty()) {
            remarks.add(LotText.say(lots));
        }
        remarks.addAll(line.handling().words());
        int toCome = line.quantityOpen() - line.quantityReadyToGo();
        if (toCome > 0) {
            remarks.add(toCome + " more are not ready");
        }
        return String.join("; ", remarks);
    }

    private static Optional<Weight> weight(List<WorkOrder.Line> lines) {
        Weight sum = Weight.ZERO;
        for (WorkOrder.Line line : lines) {
            if (line.unitWeight().isEmpty()) {
                return Optional.empty();
            }
            sum = sum.plus(line.unitWeight().get().times(line.quantityReadyToGo()));
        }
        return Optional.of(sum);
    }

    private static PickListText.Line line(PickList.Entry entry) {
        List<PickList.ForJob> jobs = entry.jobs();
        String named = jobs.stream()
                .limit(JOBS_NAMED)
                .map(each -> each.pieces() + " for " + each.job())
                .collect(Collectors.joining(", "));
        return new PickListText.Line(
                entry.shelf(),
                entry.item(),
                entry.description(),
                entry.pieces(),
                jobs.size() > JOBS_NAMED ? named + " and " + (jobs.size() - JOBS_NAMED) + " more" : named);
    }
}
