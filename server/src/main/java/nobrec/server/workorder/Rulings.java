package nobrec.server.workorder;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import nobrec.core.limit.Limits;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import nobrec.server.workorder.list.JobAttentions;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the house rules say of each work order, kept beside it; of what has left as it was then. */
@Service
public class Rulings {

    private final RulingMapper mapper;
    private final StoredOrders orders;
    private final RulesInForce rules;
    private final JobAttentions attentions;
    private final JobPlaces places;

    Rulings(RulingMapper mapper, StoredOrders orders, RulesInForce rules, JobAttentions attentions, JobPlaces places) {
        this.places = places;
        this.attentions = attentions;
        this.mapper = mapper;
        this.orders = orders;
        this.rules = rules;
    }

    /** Looks at the rules again for a work order whose record has changed; its row is locked. */
    void again(WorkOrder recorded) {
        RulesInForce.Rules now = rules.now();
        if (!now.book().isEmpty()) {
            keep(List.of(recorded), now);
        }
    }

    /**
     * Brings some work orders up to the rules that count now; those that somebody works on at this moment are left out, so that
     * nobody waits for another in a circle.
     */
    @Transactional
    public void bringUpToDate(List<Long> ids) {
        List<Long> free = mapper.lockThoseFree(ids);
        if (!free.isEmpty()) {
            orders.byIds(places.withoutPlace(free)).forEach(places::settle);
            keep(orders.byIds(free), rules.now());
            lookAgain(free);
        }
    }

    private void lookAgain(List<Long> ids) {
        attentions.lookAgain(orders.byIds(ids).stream().map(WorkOrder::ruled).toList());
    }

    private void keep(List<WorkOrder> recorded, RulesInForce.Rules now) {
        List<WorkOrder> open = recorded.stream()
                .filter(job -> job.status() != WorkOrderStatus.SHIPPED)
                .toList();
        Map<Long, Set<Long>> released = released(open);
        List<Long> same = new ArrayList<>();
        for (WorkOrder job : open) {
            Ruling ruling = now.of(job).withoutHoldsOf(released.getOrDefault(job.id(), Set.of()));
            if (ruling.equals(job.ruling())) {
                same.add(job.id());
            } else {
                keep(job, ruling, now.version());
            }
        }
        if (!same.isEmpty()) {
            mapper.lookedAt(same, now.version());
        }
    }

    private Map<Long, Set<Long>> released(List<WorkOrder> jobs) {
        return jobs.isEmpty()
                ? Map.of()
                : mapper.released(jobs.stream().map(WorkOrder::id).toList()).stream()
                        .collect(Collectors.toMap(
                                ReleasedRow::id, row -> Set.copyOf(RecordTexts.ids(row.releasedRules()))));
    }

    private void keep(WorkOrder recorded, Ruling ruling, int version) {
        mapper.keep(
                recorded.id(),
                RecordTexts.write(ruling),
                ruledService(recorded.requestedService(), ruling),
                ruledHold(ruling),
                ruledSite(recorded.particulars().site(), ruling),
                version);
    }

    /** The requested service as it counts; null where no rule decides it. */
    static @Nullable String ruledService(String recorded, Ruling ruling) {
        return ruling.decides(RuleAct.Kind.SERVICE, recorded).orElse(null);
    }

    /** The site it leaves from as it counts; null where no rule decides it. */
    static @Nullable String ruledSite(String recorded, Ruling ruling) {
        return ruling.decides(RuleAct.Kind.SITE, recorded).orElse(null);
    }

    /** Why rules hold it, as the list keeps it; null where none does. */
    static @Nullable String ruledHold(Ruling ruling) {
        return ruling.the(RuleAct.Kind.HOLD)
                .map(RuleAct::value)
                .map(reason -> reason.substring(0, Math.min(reason.length(), Limits.TEXT)))
                .orElse(null);
    }

    /** The first of the work orders after an id that have not left and for which other rules were looked at than count now. */
    public List<Long> outdated(long afterId, int limit) {
        return mapper.outdated(rules.now().version(), afterId, limit);
    }

    public int countOutdated() {
        return mapper.countOutdated(rules.now().version());
    }

    /** No rule that holds a work order holds it any more; its row is locked. */
    void release(WorkOrder job) {
        Set<Long> all = new TreeSet<>(released(List.of(job)).getOrDefault(job.id(), Set.of()));
        all.addAll(job.ruling().holdingRules());
        mapper.keepReleased(job.id(), RecordTexts.write(all));
        keep(List.of(orders.byId(job.id())), rules.now());
        lookAgain(List.of(job.id()));
    }
}
