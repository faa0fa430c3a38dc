package nobrec.core.books;

import java.time.LocalDate;
import java.util.List;
import nobrec.core.books.JournalEntry.Line;
import nobrec.core.books.JournalEntry.Side;
import org.joda.money.Money;

/**
 * The booking of freight we owe before the carrier's bill comes: the cost is debited, the accrued liability credited.
 *
 * @param expenseAccount the shop's account for freight out
 * @param liabilityAccount the shop's account for freight not yet billed
 */
public record FreightAccrual(String expenseAccount, String liabilityAccount) {

    public JournalEntry entry(LocalDate shipDate, String description, Money cost) {
        return new JournalEntry(
                shipDate,
                description,
                List.of(new Line(expenseAccount, Side.DEBIT, cost), new Line(liabilityAccount, Side.CREDIT, cost)));
    }
}
