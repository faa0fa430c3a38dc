package nobrec.core.books;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import nobrec.core.books.JournalEntry.Line;
import nobrec.core.books.JournalEntry.Side;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;
import org.junit.jupiter.api.Test;

class JournalEntryTest {

    private static final LocalDate DAY = LocalDate.of(2026, 12, 1);

    private static Money dollars(double amount) {
        return Money.of(CurrencyUnit.USD, amount);
    }

    @Test
    void freightIsAccruedInBalance() {
        JournalEntry entry = new FreightAccrual("5210 Freight out", "2150 Freight not yet billed")
                .entry(DAY, "Freight of job 2417", dollars(43.01));
        assertThat(entry.total(Side.DEBIT)).isEqualTo(entry.total(Side.CREDIT)).isEqualTo(dollars(43.01));
        assertThat(entry.lines().get(0).account()).isEqualTo("5210 Freight out");
    }

    @Test
    void whatDoesNotBalanceIsNotAnEntry() {
        List<Line> lines =
                List.of(new Line("5210", Side.DEBIT, dollars(43.01)), new Line("2150", Side.CREDIT, dollars(43.00)));
        assertThatThrownBy(() -> new JournalEntry(DAY, "Freight", lines))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("do not equal");
        assertThatThrownBy(() -> new Line("5210", Side.DEBIT, dollars(0))).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new JournalEntry(DAY, "Freight", List.of()))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
