package nobrec.server.workorder;

import java.util.List;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.workorder.list.JobAttentions;
import nobrec.server.workorder.list.JobEntries;
import org.springframework.stereotype.Component;

/** What follows when a work order says something else than before; its row is locked. */
@Component
class ChangedOrders {

    private final StoredOrders orders;
    private final JobEntries entries;
    private final Rulings rulings;
    private final JobAttentions attentions;
    private final JobPlaces places;

    ChangedOrders(
            StoredOrders orders, JobEntries entries, Rulings rulings, JobAttentions attentions, JobPlaces places) {
        this.places = places;
        this.attentions = attentions;
        this.orders = orders;
        this.entries = entries;
        this.rulings = rulings;
    }

    void of(long id) {
        places.settle(orders.byId(id));
        WorkOrder recorded = orders.byId(id);
        entries.changed(recorded);
        rulings.again(recorded);
        attentions.lookAgain(List.of(orders.byId(id).ruled()));
    }
}
