package nobrec.core.customs;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import nobrec.core.notation.DayWords;
import org.joda.money.Money;

/** The declaration that a postal item bears. Source: UPU Convention Manual, from memory: CN 22 up to 300 SDR, CN 23 above. */
public enum DeclarationForm {
    CN_22("CN 22"),
    CN_23("CN 23");

    private static final BigDecimal LIMIT_SDR = BigDecimal.valueOf(300);

    private final String words;

    DeclarationForm(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** @param reason with the figures that decided */
    public record Choice(DeclarationForm form, String reason) {}

    /**
     * @param value of all that is in the item, in the shop's currency
     * @param sdr what special drawing rights cost; without it the form that is right at any value is taken
     */
    public static Choice of(Money value, Optional<ExchangeRate> sdr) {
        if (sdr.isEmpty()) {
            return new Choice(CN_23, "Nobody has said what 300 SDR are worth; CN 23 is right at any value.");
        }
        Money limit = Money.of(
                value.getCurrencyUnit(),
                LIMIT_SDR
                        .multiply(sdr.get().rate())
                        .setScale(value.getCurrencyUnit().getDecimalPlaces(), RoundingMode.DOWN));
        boolean above = value.isGreaterThan(limit);
        return new Choice(
                above ? CN_23 : CN_22,
                value + (above ? " is above " : " is within ") + limit + ", 300 SDR as of "
                        + DayWords.withYear(sdr.get().day()) + ".");
    }
}
