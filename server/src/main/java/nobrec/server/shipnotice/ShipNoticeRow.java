package nobrec.server.shipnotice;

import java.time.Instant;
import nobrec.core.partner.NoticeForm;
import nobrec.core.shipnotice.ShipNotice;
import org.jspecify.annotations.Nullable;

/**
 * A row of table ship_notice, without what it says.
 *
 * @param dueAt until then it is to be acknowledged; null where nobody waits for that
 * @param acknowledgedBy who said so here; null where the partner did
 */
public record ShipNoticeRow(
        long id,
        String partnerCode,
        long shipmentId,
        String job,
        String number,
        ShipNotice.Purpose purpose,
        NoticeForm form,
        int control,
        String deliveryKey,
        ShipNoticeState state,
        String said,
        Instant madeAt,
        @Nullable Instant sentAt,
        @Nullable Instant dueAt,
        int chased,
        @Nullable Instant acknowledgedAt,
        @Nullable String acknowledgedBy) {

    /** So often it is sent again by itself; then a person must look. */
    static final int MOST_CHASES = 3;

    /** Whether the partner was to acknowledge it by now and did not, however often it was sent again. */
    boolean isOverdue(Instant now) {
        boolean open = state == ShipNoticeState.SENT || state == ShipNoticeState.FETCHED;
        return open && dueAt != null && dueAt.isBefore(now) && chased >= MOST_CHASES;
    }
}
