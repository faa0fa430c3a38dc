package nobrec.core.customer;

import java.util.Optional;
import nobrec.core.address.PostalAddress;
import org.joda.money.Money;

/**
 * Whether a customer's other address counts at once or waits for the shop.
 *
 * @param waits for a yes of the shop
 * @param reason in words, as the shop reads it
 */
public record AddressAnswer(boolean waits, String reason) {

    /**
     * @param before where it goes by the record
     * @param priceBefore what the customer pays as it stands; empty where nothing has a price
     * @param priceAfter what the customer would pay by the same service; empty where that has no price there
     * @param always whether the shop looks at each of them
     */
    public static AddressAnswer of(
            PostalAddress before,
            PostalAddress after,
            Optional<Money> priceBefore,
            Optional<Money> priceAfter,
            boolean always) {
        if (!before.country().equals(after.country())) {
            return new AddressAnswer(true, "It goes to another country.");
        }
        if (!priceBefore.equals(priceAfter)) {
            return new AddressAnswer(true, "The price changes.");
        }
        return always
                ? new AddressAnswer(true, "The price stays the same; the shop looks at each address.")
                : new AddressAnswer(false, "The price stays the same.");
    }
}
