package nobrec.server.shipment;

import org.joda.money.Money;

/** A row of table shipment_charge_line: an amount as it was when the shipment went. */
public record ChargeLineRow(
        int position, Side side, Integer packageNumber, String title, Money amount, String explanation) {

    public enum Side {
        COST,
        CUSTOMER
    }
}
