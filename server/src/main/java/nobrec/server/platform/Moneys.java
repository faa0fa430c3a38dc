package nobrec.server.platform;

import java.math.BigDecimal;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/** Amounts in the shop's one currency, as the database keeps them and the API writes them. */
public final class Moneys {

    private static final CurrencyUnit SHOP_CURRENCY = CurrencyUnit.USD;

    private Moneys() {}

    public static Money of(BigDecimal amount) {
        return Money.of(SHOP_CURRENCY, amount);
    }

    public static Money ofCents(long cents) {
        return Money.ofMinor(SHOP_CURRENCY, cents);
    }

    public static CurrencyUnit currency() {
        return SHOP_CURRENCY;
    }

    public static Money zero() {
        return Money.zero(SHOP_CURRENCY);
    }

    /** The amount without its currency, which stands in the column's heading: {@code 18.42}. */
    public static String show(Money money) {
        return money.getAmount().toPlainString();
    }
}
