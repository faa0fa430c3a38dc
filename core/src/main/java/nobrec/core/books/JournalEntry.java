package nobrec.core.books;

import java.time.LocalDate;
import java.util.List;
import org.joda.money.Money;

/**
 * An entry in the books. It always balances: what does not is refused when it is made.
 *
 * @param date day of the entry
 * @param lines at least two, debits equal credits
 */
public record JournalEntry(LocalDate date, String description, List<Line> lines) {

    /** An amount on one side of an account; the amount is positive. */
    public record Line(String account, Side side, Money amount) {
        public Line {
            if (!amount.isPositive()) {
                throw new IllegalArgumentException("A journal line needs a positive amount: " + amount);
            }
        }
    }

    /** Debit or credit. */
    public enum Side {
        DEBIT,
        CREDIT
    }

    public JournalEntry {
        lines = List.copyOf(lines);
        if (lines.size() < 2) {
            throw new IllegalArgumentException("A journal entry has at least two lines.");
        }
        if (!total(lines, Side.DEBIT).equals(total(lines, Side.CREDIT))) {
            throw new IllegalArgumentException("Debits " + total(lines, Side.DEBIT) + " do not equal credits "
                    + total(lines, Side.CREDIT) + ": " + description);
        }
    }

    public Money total(Side side) {
        return total(lines, side);
    }

    private static Money total(List<Line> lines, Side side) {
        Money zero = Money.zero(lines.get(0).amount().getCurrencyUnit());
        return lines.stream()
                .filter(line -> line.side() == side)
                .map(Line::amount)
                .reduce(zero, Money::plus);
    }
}
