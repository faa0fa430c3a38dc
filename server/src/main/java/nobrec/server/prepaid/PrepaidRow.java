package nobrec.server.prepaid;

import java.time.Instant;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/**
 * A row of table prepaid_account.
 *
 * @param balance as the carrier said it last; null before it was asked
 * @param said why the carrier gave none at the last time; empty text where it did
 */
public record PrepaidRow(
        String carrierCode,
        @Nullable Money balance,
        @Nullable Instant askedAt,
        String said) {}
