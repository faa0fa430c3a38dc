package nobrec.core.charging;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import org.joda.money.Money;

/**
 * What the customer pays for a shipment, and what stays with us.
 *
 * @param lines add up to the total to the cent; empty when nothing is billed
 * @param margin total less freight and cartons; below zero when we pay
 * @param reason why nothing is billed, or how the amount came about
 */
public record CustomerCharge(List<Line> lines, Money total, Money margin, String reason) {

    /** @param title what the amount is for, as on the screen */
    public record Line(String title, Money amount) {}

    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    /**
     * @param freight cost of the chosen offer
     * @param cartons cost of the packages themselves
     */
    public static CustomerCharge of(
            Money freight, String serviceName, Money cartons, FreightTerms terms, ChargeRule rule) {
        Money zero = Money.zero(freight.getCurrencyUnit());
        Money ourFreight = terms.isOurCost() ? freight : zero;
        if (!terms.isBilled()) {
            return new CustomerCharge(
                    List.of(),
                    zero,
                    zero.minus(ourFreight).minus(cartons),
                    "Freight terms “" + terms.words() + "”: nothing is billed.");
        }
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(serviceName, freight));
        if (rule.markupPercent().signum() != 0) {
            Money markup = freight.multipliedBy(rule.markupPercent().divide(HUNDRED), RoundingMode.HALF_UP);
            lines.add(new Line(rule.markupPercent().stripTrailingZeros().toPlainString() + " % markup", markup));
        }
        if (rule.cartonsAtCost() && !cartons.isZero()) {
            lines.add(new Line("cartons", cartons));
        }
        Money total = Money.total(lines.stream().map(Line::amount).toList());
        return new CustomerCharge(
                lines,
                total,
                total.minus(freight).minus(cartons),
                "Cost plus the shop's markup, rounded half up to the cent, and the cartons at cost.");
    }
}
