package nobrec.server.returns;

import java.time.Instant;
import java.time.LocalDate;
import nobrec.core.measure.Weight;
import nobrec.core.returns.ReturnPayer;
import nobrec.core.returns.ReturnReason;
import nobrec.core.returns.ReturnState;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/**
 * A row of table goods_return.
 *
 * @param job number of the job of which it comes back
 * @param carrierCode null where it has no label of ours; its service and weight likewise
 * @param freightCost what the carrier asks once the label is used
 * @param trackingNumber null while it has none
 * @param due a label is valid until then; what is on its way should be here by then
 * @param said why the carrier refused; empty text where it did not
 * @param came what came, in words; empty text while nothing has
 */
record ReturnRow(
        long id,
        long shipmentId,
        long workOrderId,
        String job,
        long siteId,
        String customer,
        ReturnReason reason,
        String note,
        ReturnState state,
        @Nullable String carrierCode,
        @Nullable String serviceCode,
        ReturnPayer payer,
        @Nullable Weight weight,
        Money freightCost,
        Money customerCharge,
        @Nullable String trackingNumber,
        LocalDate due,
        String said,
        String askedBy,
        Instant askedAt,
        int reminders,
        @Nullable Instant remindedAt,
        @Nullable String receivedBy,
        @Nullable Instant receivedAt,
        String came) {

    boolean hasOurLabel() {
        return carrierCode != null;
    }
}
