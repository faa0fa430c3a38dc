package nobrec.server.platform.money;

import java.math.BigDecimal;
import nobrec.server.platform.NobrecSettings;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.springframework.stereotype.Component;

/** Amounts in the shop's one currency (setting {@code nobrec.currency}). */
@Component
public class ShopMoney {

    private final CurrencyUnit currency;

    ShopMoney(NobrecSettings settings) {
        this.currency = settings.currency();
    }

    public CurrencyUnit currency() {
        return currency;
    }

    public Money of(BigDecimal amount) {
        return Money.of(currency, amount);
    }

    public Money ofCents(long cents) {
        return Money.ofMinor(currency, cents);
    }

    public Money zero() {
        return Money.zero(currency);
    }

    /** The amount without its currency, which stands in the column's heading: {@code 18.42}. */
    public static String show(Money money) {
        return money.getAmount().toPlainString();
    }
}
