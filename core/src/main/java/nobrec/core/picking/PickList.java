package nobrec.core.picking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import nobrec.core.workorder.WorkOrder;

/** What is fetched for many jobs in one walk: by shelf and item, summed, with what of it is for which job. */
public record PickList(List<Entry> entries) {

    /** @param shelf where it lies; empty text when not known */
    public record Entry(String shelf, String item, String description, int pieces, List<ForJob> jobs) {}

    public record ForJob(String job, int pieces) {}

    private record Key(String shelf, String item) {}

    /**
     * @param jobs of which what is ready and has not left is fetched
     * @param shelf of an item, by its number
     */
    public static PickList of(List<WorkOrder> jobs, Function<String, String> shelf) {
        Map<Key, Entry> entries = new LinkedHashMap<>();
        for (WorkOrder job : jobs) {
            for (WorkOrder.Line line : job.lines()) {
                if (line.quantityReadyToGo() > 0) {
                    String where = line.item().isEmpty() ? "" : shelf.apply(line.item());
                    entries.merge(
                            new Key(where, line.name().toUpperCase(Locale.ROOT)),
                            new Entry(
                                    where,
                                    line.name(),
                                    line.description(),
                                    line.quantityReadyToGo(),
                                    List.of(new ForJob(job.number(), line.quantityReadyToGo()))),
                            PickList::together);
                }
            }
        }
        return new PickList(entries.values().stream()
                .sorted(Comparator.comparing(Entry::shelf, ShelfOrder.BY_NAME).thenComparing(Entry::item))
                .toList());
    }

    private static Entry together(Entry one, Entry other) {
        List<ForJob> jobs = new ArrayList<>(one.jobs());
        for (ForJob more : other.jobs()) {
            int last = jobs.size() - 1;
            if (jobs.get(last).job().equals(more.job())) {
                jobs.set(last, new ForJob(more.job(), jobs.get(last).pieces() + more.pieces()));
            } else {
                jobs.add(more);
            }
        }
        return new Entry(one.shelf(), one.item(), one.description(), one.pieces() + other.pieces(), jobs);
    }

    public int pieces() {
        return entries.stream().mapToInt(Entry::pieces).sum();
    }
}
