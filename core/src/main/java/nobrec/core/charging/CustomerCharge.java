package nobrec.core.charging;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * What the customer pays for a shipment, and what stays with us.
 *
 * @param lines add up to the total to the cent; empty when nothing is billed
 * @param margin total less freight and cartons; below zero when we pay
 * @param reason which rule, or why nothing is billed
 */
public record CustomerCharge(List<Line> lines, Money total, Money margin, String reason) {

    /**
     * @param title what the amount is for, as on the screen
     * @param reason the rule and its figures, as a sentence
     */
    public record Line(String title, Money amount, String reason) {}

    private static final long WHOLE = 100_000;

    public CustomerCharge {
        lines = List.copyOf(lines);
    }

    public static CustomerCharge of(FreightBill bill, ChargeRule rule) {
        FreightTerms terms = bill.terms();
        if (!terms.isBilled()) {
            return nothing(bill, "Freight terms “" + terms.words() + "”: nothing is billed.");
        }
        if (rule.freeFromOrderCents() > 0 && bill.orderCents() >= rule.freeFromOrderCents()) {
            return nothing(
                    bill,
                    "Rule “" + rule.name() + "”: free for orders from " + show(rule.freeFromOrderCents())
                            + " on; this one is " + show(bill.orderCents()) + ".");
        }
        if (rule.freeServices().contains(bill.serviceCode())) {
            return nothing(bill, "Rule “" + rule.name() + "”: " + bill.serviceName() + " is free.");
        }
        CustomerCharge byRule = new Sum(bill, rule).charge();
        if (bill.estimateCents().isEmpty()) {
            return byRule;
        }
        long quoted = bill.estimateCents().get();
        return bill.holdsEstimate() || rule.holdsEstimate()
                ? asQuoted(bill, rule, quoted, byRule)
                : byRule.saying(byRule.reason() + " Quoted were " + show(quoted) + difference(quoted, byRule));
    }

    private CustomerCharge saying(String because) {
        return new CustomerCharge(lines, total, margin, because);
    }

    /** How far what it comes to is from what was quoted. */
    private static String difference(long quoted, CustomerCharge byRule) {
        long more = byRule.total().getAmountMinorLong() - quoted;
        return more == 0 ? "." : ": it is " + show(Math.abs(more)) + (more > 0 ? " more now." : " less now.");
    }

    private static CustomerCharge asQuoted(FreightBill bill, ChargeRule rule, long cents, CustomerCharge byRule) {
        Money total = Money.ofMinor(bill.freight().getCurrencyUnit(), cents);
        return new CustomerCharge(
                List.of(new Line(
                        bill.serviceName() + " as quoted", total, "Quoted to the customer before, and held to.")),
                total,
                total.minus(bill.freight()).minus(bill.cartons()),
                (bill.holdsEstimate() ? "The quote" : "Rule “" + rule.name() + "”: the estimate") + " is held to. "
                        + "Without it " + show(byRule.total().getAmountMinorLong()) + difference(cents, byRule));
    }

    private static CustomerCharge nothing(FreightBill bill, String reason) {
        Money zero = Money.zero(bill.freight().getCurrencyUnit());
        Money freight = bill.terms().isOurCost() ? bill.freight() : zero;
        return new CustomerCharge(List.of(), zero, zero.minus(freight).minus(bill.cartons()), reason);
    }

    private static String show(long cents) {
        return BigDecimal.valueOf(cents, 2).toPlainString();
    }

    private static String perCent(int thousandths) {
        return BigDecimal.valueOf(thousandths, 3).stripTrailingZeros().toPlainString() + " %";
    }

    /** The lines of a charge in the order in which they are calculated. */
    private static final class Sum {

        private final FreightBill bill;
        private final ChargeRule rule;
        private final CurrencyUnit currency;
        private final List<Line> lines = new ArrayList<>();
        private long cents;

        Sum(FreightBill bill, ChargeRule rule) {
            this.bill = bill;
            this.rule = rule;
            this.currency = bill.freight().getCurrencyUnit();
        }

        CustomerCharge charge() {
            long freight = bill.freight().getAmountMinorLong();
            add(bill.serviceName(), freight, "What the carrier charges us.");
            if (rule.markup() != 0) {
                add(
                        perCent(rule.markup()) + " markup",
                        share(freight, rule.markup()),
                        perCent(rule.markup()) + " of the freight of " + show(freight) + ", to the nearest cent.");
            }
            if (rule.handlingCents() != 0) {
                add("handling", rule.handlingCents(), "A fixed amount for each shipment.");
            }
            if (rule.cartonsAtCost() && !bill.cartons().isZero()) {
                add("cartons", bill.cartons().getAmountMinorLong(), "What the cartons cost us.");
            }
            if (rule.discount() != 0) {
                long before = cents;
                add(
                        perCent(rule.discount()) + " discount",
                        -share(before, rule.discount()),
                        perCent(rule.discount()) + " off " + show(before) + ", to the nearest cent.");
            }
            roundUp();
            limit();
            Money total = Money.ofMinor(currency, cents);
            return new CustomerCharge(
                    lines, total, total.minus(bill.freight()).minus(bill.cartons()), "Rule “" + rule.name() + "”.");
        }

        private void roundUp() {
            long step = rule.roundUpToCents();
            if (step > 0 && cents % step != 0) {
                add("rounding", step - Math.floorMod(cents, step), "Up to the next " + show(step) + ".");
            }
        }

        private void limit() {
            if (rule.floorCents() > 0 && cents < rule.floorCents()) {
                add("to the floor", rule.floorCents() - cents, "Never less than " + show(rule.floorCents()) + ".");
            }
            if (rule.capCents() > 0 && cents > rule.capCents()) {
                add("to the cap", rule.capCents() - cents, "Never more than " + show(rule.capCents()) + ".");
            }
        }

        private void add(String title, long amount, String reason) {
            cents += amount;
            lines.add(new Line(title, Money.ofMinor(currency, amount), reason));
        }

        /** Rounded half up to the cent. */
        private static long share(long cents, int thousandths) {
            return Math.floorDiv(cents * thousandths + WHOLE / 2, WHOLE);
        }
    }
}
