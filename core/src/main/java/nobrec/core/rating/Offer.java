package nobrec.core.rating;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.joda.money.Money;

/**
 * One service priced for one shipment.
 *
 * @param chargeLines empty when it cannot be priced; otherwise they add up to the total to the cent
 * @param objections why it is not allowed; empty when it is
 * @param departure the day of the pickup it makes
 * @param delivery the working day it should be there
 * @param daysLate working days after the promise date; zero when in time or nothing is promised
 */
public record Offer(
        Service service,
        List<ChargeLine> chargeLines,
        Optional<Money> total,
        List<Objection> objections,
        LocalDate departure,
        LocalDate delivery,
        int daysLate) {

    public boolean isAllowed() {
        return objections.isEmpty() && total.isPresent();
    }
}
