package nobrec.server.customer;

import java.time.Instant;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/**
 * A row of table form_request.
 *
 * @param sender fingerprint of the network it came from
 * @param serviceName as quoted at once; empty text where nothing had a price
 */
record FormRequestRow(
        long workOrderId,
        String sender,
        String mail,
        Instant askedAt,
        String serviceName,
        @Nullable Money price) {}
