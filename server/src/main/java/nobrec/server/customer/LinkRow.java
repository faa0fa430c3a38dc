package nobrec.server.customer;

import java.time.Instant;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/**
 * A row of table customer_link.
 *
 * @param issue part of what is sealed; links with another one lead nowhere
 * @param serviceCode chosen by the customer; empty text for none
 * @param price what was shown and is held to
 */
record LinkRow(
        long workOrderId,
        int issue,
        @Nullable Instant seenAt,
        String serviceCode,
        String serviceName,
        @Nullable Money price,
        @Nullable Instant chosenAt) {

    static LinkRow none(long workOrderId) {
        return new LinkRow(workOrderId, 0, null, "", "", null, null);
    }
}
