package nobrec.core.rating;

import java.util.Optional;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * One amount of an offer with the rule and the figures that produced it.
 *
 * @param packageNumber the package it is for, or {@link #SHIPMENT}
 * @param cents in the currency of the sheet; below zero for a discount
 */
public record ChargeLine(int packageNumber, long cents, ChargeBasis basis) {

    /** It is for the whole shipment. */
    public static final int SHIPMENT = 0;

    public Optional<Integer> forPackage() {
        return packageNumber == SHIPMENT ? Optional.empty() : Optional.of(packageNumber);
    }

    public Money amount(CurrencyUnit currency) {
        return Money.ofMinor(currency, cents);
    }
}
