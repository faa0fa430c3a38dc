package nobrec.server.workorder;

import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nobrec.core.intake.WorkOrderDraft;
import nobrec.core.readiness.AttentionKind;
import nobrec.core.refusal.Refusal;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.workorder.list.JobAttentions;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The work orders of a source, by the numbers it knows them under. */
@Service
public class SourceOrders {

    private final WorkOrderMapper mapper;
    private final WorkOrderIntake intake;
    private final ChangedOrders changes;
    private final StoredOrders stored;
    private final JobAttentions attentions;

    SourceOrders(
            WorkOrderMapper mapper,
            WorkOrderIntake intake,
            ChangedOrders changes,
            StoredOrders stored,
            JobAttentions attentions) {
        this.stored = stored;
        this.attentions = attentions;
        this.changes = changes;
        this.mapper = mapper;
        this.intake = intake;
    }

    /** Ids by number; also of those that came through another system and belong to this one. */
    public Map<String, Long> idsOf(String source, Collection<String> numbers) {
        Map<String, Long> ids = new HashMap<>();
        if (!numbers.isEmpty()) {
            mapper.idsByOrigin(source, numbers).forEach(row -> ids.put(row.number(), row.id()));
            mapper.idsBySource(source, numbers).forEach(row -> ids.put(row.number(), row.id()));
        }
        return ids;
    }

    /** The work order that another system already brought in and that this one is of, too. */
    public Optional<Long> idOfOrigin(WorkOrderDraft draft) {
        String number = draft.particulars().originNumber();
        return Optional.ofNullable(
                idsOf(draft.particulars().origin(), List.of(number)).get(number));
    }

    /**
     * Changes what a work order says; its row is locked.
     *
     * @param lines whether its lines change as well
     */
    @Transactional
    public void change(WorkOrder job, WorkOrderDraft draft, boolean lines) {
        if (lines && job.lines().stream().anyMatch(line -> line.quantityTaken() > 0)) {
            throw Refusal.conflict(
                    "Job " + job.number(),
                    "Pieces of it are in an open shipment.",
                    "Take them out of the shipment on the Bench first.");
        }
        intake.change(job.source(), job.id(), draft, lines);
    }

    /** Its record says something else there than here, or the same again. */
    public void saysOtherwise(long id, boolean otherwise) {
        if (otherwise) {
            attentions.mark(stored.byId(id), AttentionKind.SOURCE);
        } else {
            attentions.clear(id, AttentionKind.SOURCE);
        }
    }

    /** It must not go; not where something of it has left, or it is on hold already. */
    public void hold(long id, String reason) {
        mapper.holdUnshipped(id, reason);
        changes.of(id);
    }
}
