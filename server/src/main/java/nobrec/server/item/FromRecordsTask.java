package nobrec.server.item;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.item.Item;
import nobrec.server.platform.task.TaskHandler;
import nobrec.server.platform.task.TaskRun;
import nobrec.server.workorder.PastOrders;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/** Makes items of what the records of the last two years name and the list does not have; the newest record counts. */
@Component
class FromRecordsTask implements TaskHandler {

    static final String KIND = "ITEMS_FROM_RECORDS";

    record Request() {}

    /** @param before id of the job from which on all is done */
    record Progress(long before, int looked, int added) {}

    private static final Duration SO_FAR_BACK = Duration.ofDays(731);
    private static final int AT_ONCE = 200;

    private final PastOrders orders;
    private final Items items;
    private final TransactionOperations transactions;
    private final Clock clock;

    FromRecordsTask(PastOrders orders, Items items, TransactionOperations transactions, Clock clock) {
        this.orders = orders;
        this.items = items;
        this.transactions = transactions;
        this.clock = clock;
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public void run(TaskRun run) {
        Instant from = clock.instant().minus(SO_FAR_BACK);
        int all = orders.countSince(from);
        Progress stands = run.progress(Progress.class).orElse(new Progress(Long.MAX_VALUE, 0, 0));
        List<PastOrders.CameIn> portion = orders.since(from, stands.before(), AT_ONCE);
        while (!portion.isEmpty()) {
            List<PastOrders.CameIn> jobs = portion;
            Progress before = stands;
            stands = transactions.execute(status -> {
                int added = before.added() + items.add(itemsOf(jobs), run.startedBy());
                long last = jobs.get(jobs.size() - 1).recorded().id();
                Progress now = new Progress(last, before.looked() + jobs.size(), added);
                run.report("jobs looked at, " + added + " items new", now.looked(), Math.max(all, now.looked()), now);
                return now;
            });
            portion = orders.since(from, stands.before(), AT_ONCE);
        }
    }

    private static List<Item> itemsOf(List<PastOrders.CameIn> jobs) {
        Map<String, Item> newest = new LinkedHashMap<>();
        for (PastOrders.CameIn job : jobs) {
            for (WorkOrderDraft.Line line : WorkOrderDraft.of(job.recorded()).lines()) {
                if (!line.item().isBlank()) {
                    newest.putIfAbsent(KeptItems.key(line.item()), itemOf(line));
                }
            }
        }
        return List.copyOf(newest.values());
    }

    private static Item itemOf(WorkOrderDraft.Line line) {
        return new Item(
                line.item(),
                line.description(),
                line.unitWeight(),
                line.unitSize(),
                line.handling(),
                line.goods(),
                "",
                "");
    }
}
