package nobrec.server.posting;

import java.time.LocalDate;
import java.util.List;
import nobrec.core.books.FreightAccrual;
import nobrec.core.books.JournalEntry;
import nobrec.server.platform.NobrecSettings;
import nobrec.server.platform.money.ShopMoney;
import org.joda.money.Money;
import org.springframework.stereotype.Component;

/** What freight costs us, as an entry of the shop's books. */
@Component
class Journal {

    /** What is written, and how a person would say it. */
    record Draft(String summary, FreightEntry entry) {}

    private final FreightAccrual accrual;

    Journal(NobrecSettings settings) {
        this.accrual = new FreightAccrual(
                settings.accounts().freightExpense(), settings.accounts().freightLiability());
    }

    Draft draft(LocalDate day, String description, Money cost) {
        JournalEntry entry = accrual.entry(day, description, cost);
        List<FreightEntry.Line> lines = entry.lines().stream()
                .map(line -> new FreightEntry.Line(line.account(), line.side().name(), ShopMoney.show(line.amount())))
                .toList();
        String amount = ShopMoney.show(cost);
        return new Draft(
                "Debit " + entry.lines().get(0).account() + " " + amount + ", credit "
                        + entry.lines().get(1).account() + " " + amount,
                new FreightEntry(entry.date(), entry.description(), lines));
    }
}
