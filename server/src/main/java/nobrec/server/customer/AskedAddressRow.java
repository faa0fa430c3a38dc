package nobrec.server.customer;

import java.time.Instant;
import nobrec.core.address.PostalAddress;
import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/**
 * A row of table asked_address.
 *
 * @param beforeLine where it went until then, in words
 * @param reason why the shop is asked, or why not
 * @param priceBefore nothing where it was not known
 */
record AskedAddressRow(
        long id,
        long workOrderId,
        String company,
        String person,
        String street,
        String street2,
        String city,
        String state,
        String postalCode,
        String country,
        String beforeLine,
        String reason,
        @Nullable Money priceBefore,
        @Nullable Money priceAfter,
        Instant askedAt,
        Answer answer,
        String answerText,
        String answeredBy,
        @Nullable Instant answeredAt) {

    /** What the shop says to it. */
    enum Answer {
        AWAITED,
        YES,
        NO,
        /** The customer asked for another one since, or the job has left. */
        OVERTAKEN
    }

    PostalAddress address() {
        return new PostalAddress(company, person, street, street2, city, state, postalCode, country);
    }
}
