package nobrec.core.charging;

import java.util.Optional;
import java.util.Set;

/**
 * How a cost becomes what the customer pays. Amounts in cents, shares in thousandths of a percent.
 *
 * @param name how the shop calls it
 * @param when what it is for
 * @param markup added to the freight
 * @param handlingCents fixed amount added
 * @param cartonsAtCost whether the cartons are billed at what they cost us
 * @param discount off the sum of the above
 * @param roundUpToCents the sum is rounded up to a whole number of these; zero for no rounding
 * @param floorCents never less; zero for none
 * @param capCents never more; zero for none
 * @param freeFromOrderCents nothing is billed for orders of at least so much; zero for never
 * @param freeServices codes of (slow) services for which nothing is billed
 * @param holdsEstimate whether freight that was quoted to the customer is billed as quoted
 */
public record ChargeRule(
        String name,
        Applies when,
        int markup,
        long handlingCents,
        boolean cartonsAtCost,
        int discount,
        long roundUpToCents,
        long floorCents,
        long capCents,
        long freeFromOrderCents,
        Set<String> freeServices,
        boolean holdsEstimate) {

    public ChargeRule {
        freeServices = Set.copyOf(freeServices);
    }

    /**
     * What a rule is for. Of the rules that fit the one that says most about the shipment counts: a customer first, then terms,
     * service and order value.
     *
     * @param service code
     * @param orderFromCents orders of at least so much
     */
    public record Applies(
            Optional<String> customer, Optional<FreightTerms> terms, Optional<String> service, long orderFromCents) {

        public static final Applies ALWAYS = new Applies(Optional.empty(), Optional.empty(), Optional.empty(), 0);

        boolean fits(FreightBill bill) {
            return customer.map(bill.customer()::equalsIgnoreCase).orElse(true)
                    && terms.map(bill.terms()::equals).orElse(true)
                    && service.map(bill.serviceCode()::equals).orElse(true)
                    && bill.orderCents() >= orderFromCents;
        }

        int weight() {
            return (customer.isPresent() ? 8 : 0)
                    + (terms.isPresent() ? 4 : 0)
                    + (service.isPresent() ? 2 : 0)
                    + (orderFromCents > 0 ? 1 : 0);
        }
    }
}
