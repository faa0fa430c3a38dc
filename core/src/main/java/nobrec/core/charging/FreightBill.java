package nobrec.core.charging;

import java.util.Optional;
import org.joda.money.Money;

/**
 * What a charge is made of.
 *
 * @param freight cost of the chosen offer
 * @param cartons cost of the packages themselves
 * @param orderCents value of what is sent
 * @param estimateCents freight that was quoted to the customer
 * @param holdsEstimate whether that is held to, whatever the rule says
 */
public record FreightBill(
        String customer,
        FreightTerms terms,
        String serviceCode,
        String serviceName,
        Money freight,
        Money cartons,
        long orderCents,
        Optional<Long> estimateCents,
        boolean holdsEstimate) {}
