package nobrec.core.charging;

import org.joda.money.Money;

/**
 * What an account that is paid beforehand holds against what is to be taken from it.
 *
 * @param balance as the carrier said it last
 * @param needed by what is to go
 */
public record PrepaidCover(Money balance, Money needed) {

    public boolean isEnough() {
        return !needed.isGreaterThan(balance);
    }

    /** What has to be paid in before all of it can go; nothing where it is enough. */
    public Money missing() {
        return isEnough() ? Money.zero(balance.getCurrencyUnit()) : needed.minus(balance);
    }

    /** What stays once all of it has gone; nothing where it is not enough. */
    public Money stays() {
        return isEnough() ? balance.minus(needed) : Money.zero(balance.getCurrencyUnit());
    }
}
