package nobrec.server.workorder;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import nobrec.core.workorder.RuleAct;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.WorkOrder;
import nobrec.core.workorder.WorkOrderStatus;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the house rules say of each work order, kept beside it; of what has left as it was then. */
@Service
public class Rulings {

    private final RulingMapper mapper;
    private final StoredOrders orders;
    private final RulesInForce rules;

    Rulings(RulingMapper mapper, StoredOrders orders, RulesInForce rules) {
        this.mapper = mapper;
        this.orders = orders;
        this.rules = rules;
    }

    /** Looks at the rules again for a work order whose record has changed; its row is locked. */
    void again(long id) {
        RulesInForce.Rules now = rules.now();
        if (!now.book().isEmpty()) {
            keep(orders.byId(id), now);
        }
    }

    /** Brings a work order up to the rules that count now. */
    @Transactional
    public void bringUpToDate(long id) {
        mapper.lock(id);
        keep(orders.byId(id), rules.now());
    }

    private void keep(WorkOrder recorded, RulesInForce.Rules now) {
        if (recorded.status() == WorkOrderStatus.SHIPPED) {
            return;
        }
        Set<Long> released = Set.copyOf(RecordTexts.ids(mapper.released(recorded.id())));
        Ruling ruling = now.of(recorded).withoutHoldsOf(released);
        mapper.keep(
                recorded.id(),
                RecordTexts.write(ruling),
                ruledService(recorded.requestedService(), ruling),
                now.version());
    }

    /** The requested service as it counts; null where no rule decides it. */
    static @Nullable String ruledService(String recorded, Ruling ruling) {
        return ruling.decides(RuleAct.Kind.SERVICE, recorded).orElse(null);
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
        Set<Long> released = new TreeSet<>(RecordTexts.ids(mapper.released(job.id())));
        released.addAll(job.ruling().holdingRules());
        mapper.keepReleased(job.id(), RecordTexts.write(released));
        keep(orders.byId(job.id()), rules.now());
    }
}
