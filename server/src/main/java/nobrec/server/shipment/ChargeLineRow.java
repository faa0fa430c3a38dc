package nobrec.server.shipment;

import org.joda.money.Money;
import org.jspecify.annotations.Nullable;

/**
 * A row of table shipment_charge_line: an amount as it was when the shipment went.
 *
 * @param code what a cost is asked for; empty text for what the customer pays, and for costs of before there were codes
 */
public record ChargeLineRow(
        int position,
        Side side,
        @Nullable Integer packageNumber,
        String code,
        String title,
        Money amount,
        String explanation) {

    public enum Side {
        COST,
        CUSTOMER
    }
}
