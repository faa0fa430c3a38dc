package nobrec.server.posting;

import java.math.BigDecimal;
import java.time.LocalDate;

/** The freight on a customer's invoice, kept as JSON in the outbox. The amount in the shop's currency, as it is written. */
public record FreightLine(String description, String amount, String tracking, LocalDate shipDate) {

    /** The same on another invoice than that of its job. */
    FreightLine afterClosing() {
        return new FreightLine(description + ", after its invoice was closed", amount, tracking, shipDate);
    }

    /** What takes it off on another invoice. */
    FreightLine takenOff() {
        String below = new BigDecimal(amount).negate().toPlainString();
        return new FreightLine("Taken off: " + description, below, tracking, shipDate);
    }
}
