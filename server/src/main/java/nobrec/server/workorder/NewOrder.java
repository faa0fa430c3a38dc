package nobrec.server.workorder;

import java.time.Instant;
import nobrec.core.joblist.JobSums;
import nobrec.core.measure.Weight;
import nobrec.core.workorder.Ruling;
import nobrec.core.workorder.WorkOrder;
import nobrec.server.platform.money.ShopMoney;
import nobrec.server.workorder.list.JobEntries;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/** A work order on its way into the table. */
record NewOrder(
        WorkOrderRow row,
        @Nullable Long placeId,
        @Nullable Long importRunId,
        Instant takenInAt,
        @Nullable String ruledService,
        @Nullable String ruledHold,
        @Nullable String ruledSite,
        int rulesVersion,
        JobSums sums,
        @Nullable Weight weight,
        @Nullable Money value,
        String contents) {

    static NewOrder of(
            WorkOrder order,
            @Nullable Long placeId,
            int rulesVersion,
            @Nullable Long importRunId,
            Instant takenInAt,
            ShopMoney money) {
        Ruling ruling = order.ruling();
        JobSums sums = JobSums.of(order);
        return new NewOrder(
                WorkOrderRow.of(order, ruling, money),
                placeId,
                importRunId,
                takenInAt,
                Rulings.ruledService(order.requestedService(), ruling),
                Rulings.ruledHold(ruling),
                Rulings.ruledSite(order.particulars().site(), ruling),
                rulesVersion,
                sums,
                sums.weight().orElse(null),
                sums.valueCents().map(money::ofCents).orElse(null),
                JobEntries.fingerprint(sums));
    }
}
