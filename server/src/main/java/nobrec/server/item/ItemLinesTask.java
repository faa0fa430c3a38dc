package nobrec.server.item;

import java.time.Instant;
import java.util.List;
import nobrec.server.platform.task.TaskHandler;
import nobrec.server.platform.task.TaskRun;
import nobrec.server.workorder.LineItems;
import org.springframework.stereotype.Component;

/** Brings changed items to the lines of jobs that have not left, and takes from those lines what a removed item had told. */
@Component
class ItemLinesTask implements TaskHandler {

    static final String KIND = "ITEM_LINES";

    /**
     * @param at when the items were changed
     * @param removed numbers of items that are in the list no more
     */
    record Request(Instant at, List<String> removed) {}

    /** @param afterId of the item up to which all is done */
    record Progress(long afterId, int done) {}

    private static final int ITEMS_AT_ONCE = 200;
    private static final int JOBS_AT_ONCE = 200;

    private final ItemMapper mapper;
    private final LineItems lines;

    ItemLinesTask(ItemMapper mapper, LineItems lines) {
        this.mapper = mapper;
        this.lines = lines;
    }

    @Override
    public String kind() {
        return KIND;
    }

    @Override
    public void run(TaskRun run) {
        Request request = run.request(Request.class);
        Instant at = request.at();
        Progress stands = run.progress(Progress.class).orElse(new Progress(0, 0));
        if (!request.removed().isEmpty()) {
            stands = new Progress(0, bring(request.removed(), run, 0));
        }
        List<ItemRow> items = mapper.changedAt(at, stands.afterId(), ITEMS_AT_ONCE);
        while (!items.isEmpty()) {
            int done = bring(items.stream().map(ItemRow::number).toList(), run, stands.done());
            stands = new Progress(items.get(items.size() - 1).id(), done);
            run.report("jobs", done, 0, stands);
            items = mapper.changedAt(at, stands.afterId(), ITEMS_AT_ONCE);
        }
    }

    private int bring(List<String> numbers, TaskRun run, int before) {
        int done = before;
        List<Long> jobs = lines.openOrdersWith(numbers, 0, JOBS_AT_ONCE);
        while (!jobs.isEmpty()) {
            jobs.forEach(lines::refill);
            done += jobs.size();
            run.report("jobs", done, 0);
            jobs = lines.openOrdersWith(numbers, jobs.get(jobs.size() - 1), JOBS_AT_ONCE);
        }
        return done;
    }
}
