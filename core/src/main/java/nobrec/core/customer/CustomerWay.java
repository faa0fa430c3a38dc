package nobrec.core.customer;

import java.time.LocalDate;
import org.joda.money.Money;

/**
 * A way a shipment may go, as its customer sees it.
 *
 * @param price what the customer pays
 * @param margin what the shop keeps of it after freight and cartons, below zero where it pays; never shown to the customer
 * @param chosen whether it goes so as it stands
 */
public record CustomerWay(
        String serviceCode,
        String service,
        String carrier,
        LocalDate day,
        Money price,
        Money margin,
        int daysLate,
        boolean chosen) {

    /** Whether nobody would take the other one instead: this comes no later and costs no more. */
    boolean isAsGoodAs(CustomerWay other) {
        return !day.isAfter(other.day) && !price.isGreaterThan(other.price);
    }
}
