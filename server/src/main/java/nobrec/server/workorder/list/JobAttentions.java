package nobrec.server.workorder.list;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nobrec.core.readiness.Attention;
import nobrec.core.readiness.AttentionKind;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.platform.mapping.RowBatch;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;

/**
 * Which jobs need attention and why, kept beside them, so that they are found among a million. Reasons are kept by their kind only;
 * what is said of each is computed when it is shown, so that it is never out of date.
 */
@Service
public class JobAttentions {

    private static final Set<AttentionKind> OF_RECORD = EnumSet.copyOf(Arrays.stream(AttentionKind.values())
            .filter(AttentionKind::isOfRecord)
            .toList());

    private final AttentionMapper mapper;
    private final RowBatch batch;
    private final ObjectProvider<AttentionFinder> finder;

    JobAttentions(AttentionMapper mapper, RowBatch batch, ObjectProvider<AttentionFinder> finder) {
        this.mapper = mapper;
        this.batch = batch;
        this.finder = finder;
    }

    /** Jobs that have just come in. */
    public void cameIn(Map<Long, WorkOrder> jobs) {
        List<AttentionRow> rows = new ArrayList<>();
        jobs.forEach((id, job) -> kinds(job).forEach(kind -> rows.add(row(id, kind, job.promiseDate()))));
        batch.forEach(AttentionMapper.class, rows, AttentionMapper::insert);
    }

    /** Looks again at jobs of which something has changed; each as it counts, and its row is locked. */
    public void lookAgain(Collection<WorkOrder> jobs) {
        if (jobs.isEmpty()) {
            return;
        }
        Map<Long, List<AttentionRow>> kept = mapper
                .of(jobs.stream().map(WorkOrder::id).toList())
                .stream()
                .collect(Collectors.groupingBy(AttentionRow::workOrderId));
        List<AttentionRow> fresh = new ArrayList<>();
        for (WorkOrder job : jobs) {
            List<AttentionRow> before = kept.getOrDefault(job.id(), List.of());
            Set<AttentionKind> now = kinds(job);
            Set<AttentionKind> gone = before.stream().map(AttentionRow::kind).collect(Collectors.toSet());
            gone.retainAll(OF_RECORD);
            gone.removeAll(now);
            if (!gone.isEmpty()) {
                mapper.delete(job.id(), gone);
            }
            before.stream()
                    .map(AttentionRow::kind)
                    .filter(kind -> !kind.isOfRecord())
                    .forEach(now::add);
            now.stream()
                    .map(kind -> row(job.id(), kind, job.promiseDate()))
                    .filter(row -> !before.contains(row))
                    .forEach(fresh::add);
        }
        batch.forEach(AttentionMapper.class, fresh, AttentionMapper::insert);
    }

    private Set<AttentionKind> kinds(WorkOrder job) {
        Set<AttentionKind> kinds = EnumSet.noneOf(AttentionKind.class);
        of(job).forEach(each -> kinds.add(each.kind()));
        return kinds;
    }

    /** What its record says against its going. */
    public List<Attention> of(WorkOrder job) {
        return finder.getObject().of(job);
    }

    private static AttentionRow row(long id, AttentionKind kind, Optional<LocalDate> promised) {
        return new AttentionRow(id, kind, promised.orElse(AttentionRow.NOT_PROMISED));
    }

    /** Something that its record does not say keeps a job from going. */
    public void mark(WorkOrder job, AttentionKind kind) {
        if (job.status() != WorkOrderStatus.SHIPPED) {
            mapper.insert(row(job.id(), kind, job.promiseDate()));
        }
    }

    public void clear(long id, AttentionKind kind) {
        mapper.delete(id, Set.of(kind));
    }

    /** A job that has left needs no attention. */
    public void left(long id) {
        mapper.deleteAll(id);
    }

    public List<AttentionCount> counts() {
        return mapper.counts();
    }

    /**
     * The jobs promised first.
     *
     * @param kind empty for all reasons
     */
    public List<AttentionRow> page(Optional<AttentionKind> kind, Optional<AttentionRow> after, int limit) {
        return mapper.page(kind.orElse(null), after.orElse(null), limit);
    }
}
