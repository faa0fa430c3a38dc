package nobrec.server.posting;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import nobrec.core.books.JournalEntry;
import nobrec.server.platform.money.ShopMoney;

/** What freight costs us, for the journal, kept as JSON in the outbox. */
public record FreightEntry(LocalDate date, String description, List<Line> lines) {

    /** @param side DEBIT or CREDIT */
    public record Line(String account, String side, String amount) {

        Line reversed() {
            return new Line(account, side.equals("DEBIT") ? "CREDIT" : "DEBIT", amount);
        }
    }

    static FreightEntry of(JournalEntry entry) {
        return new FreightEntry(
                entry.date(),
                entry.description(),
                entry.lines().stream()
                        .map(line -> new Line(line.account(), line.side().name(), ShopMoney.show(line.amount())))
                        .toList());
    }

    /** As a person would say it. */
    String summary() {
        return lines.stream()
                .map(line ->
                        (line.side().equals("DEBIT") ? "Debit " : "credit ") + line.account() + " " + line.amount())
                .collect(Collectors.joining(", "));
    }

    /** The entry that takes it back, on another day. */
    FreightEntry reversed(LocalDate day) {
        return new FreightEntry(
                day, "Void: " + description, lines.stream().map(Line::reversed).toList());
    }
}
