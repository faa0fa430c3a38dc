package nobrec.server.posting;

import java.time.LocalDate;
import java.util.List;

/** What freight costs us, for the journal, kept as JSON in the outbox. */
public record FreightEntry(LocalDate date, String description, List<Line> lines) {

    /** @param side DEBIT or CREDIT */
    public record Line(String account, String side, String amount) {

        Line reversed() {
            return new Line(account, side.equals("DEBIT") ? "CREDIT" : "DEBIT", amount);
        }
    }

    /** The entry that takes it back, on another day. */
    FreightEntry reversed(LocalDate day) {
        return new FreightEntry(
                day, "Void: " + description, lines.stream().map(Line::reversed).toList());
    }
}
