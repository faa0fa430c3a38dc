package nobrec.server.api.figure;

import org.joda.money.Money;

/**
 * An amount of money.
 *
 * @param amount decimal with a point and the currency's places; below zero with a minus sign
 * @param currency ISO 4217
 */
public record Amount(String amount, String currency) {

    public static Amount of(Money money) {
        return new Amount(
                money.getAmount().toPlainString(), money.getCurrencyUnit().getCode());
    }
}
