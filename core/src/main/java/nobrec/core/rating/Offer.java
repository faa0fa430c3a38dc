package nobrec.core.rating;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nobrec.core.service.Objection;
import nobrec.core.service.Service;
import org.joda.money.CurrencyUnit;
import org.joda.money.Money;

/**
 * One service priced for one shipment.
 *
 * @param chargeLines empty when it cannot be priced; otherwise they add up to the total to the cent
 * @param totalCents sum of the lines
 * @param objections why it is not allowed; empty when it is
 * @param departure the day of the pickup it makes
 * @param delivery the day it should be there
 * @param daysLate working days after the promise date; zero when in time or nothing is promised
 */
public record Offer(
        Service service,
        CurrencyUnit currency,
        List<ChargeLine> chargeLines,
        long totalCents,
        List<Objection> objections,
        LocalDate departure,
        LocalDate delivery,
        int daysLate) {

    public Optional<Money> total() {
        return isPriced() ? Optional.of(Money.ofMinor(currency, totalCents)) : Optional.empty();
    }

    public boolean isPriced() {
        return !chargeLines.isEmpty();
    }

    public boolean isAllowed() {
        return objections.isEmpty() && isPriced();
    }

    /** Allowed, or so once a missing datum is there. */
    public boolean isUsable() {
        return isAllowed() || isAllowedOnceCompleted();
    }

    /** Nothing but a datum is missing, which a person can add. */
    public boolean isAllowedOnceCompleted() {
        return isPriced() && objections.stream().allMatch(Objection::isMissingData);
    }

    /** The same at another price, with these reasons against it. */
    Offer priced(List<ChargeLine> lines, List<Objection> reasons) {
        return new Offer(
                service,
                currency,
                List.copyOf(lines),
                lines.stream().mapToLong(ChargeLine::cents).sum(),
                List.copyOf(reasons),
                departure,
                delivery,
                daysLate);
    }

    /** The lines as a tree: the shipment, its packages, what each is charged. */
    public ChargeTree chargeTree() {
        return ChargeTree.of(this);
    }
}
