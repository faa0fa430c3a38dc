package nobrec.core.customs;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * What one unit of a currency costs in the shop's, on a day.
 *
 * @param currency three letters, ISO 4217; {@link #SDR} for special drawing rights
 * @param rate above nothing
 */
public record ExchangeRate(String currency, LocalDate day, BigDecimal rate) {

    /** Special drawing rights of the International Monetary Fund, in which postal limits are said. ISO 4217. */
    public static final String SDR = "XDR";

    /** Days after which a rate is called old. Common practice, no source: customs authorities set theirs by the month. */
    public static final int FRESH_DAYS = 31;

    public ExchangeRate {
        if (rate.signum() <= 0) {
            throw new IllegalArgumentException("A rate is above nothing: " + rate);
        }
    }

    /** Of an amount in the shop's currency, rounded half up to the least unit of this one. */
    public Money convert(BigDecimal amount) {
        CurrencyUnit unit = CurrencyUnit.of(currency);
        return Money.of(unit, amount.divide(rate, unit.getDecimalPlaces(), RoundingMode.HALF_UP));
    }

    public boolean isOldOn(LocalDate today) {
        return day.plusDays(FRESH_DAYS).isBefore(today);
    }
}
