package nobrec.core.workorder;

import java.util.Optional;

/**
 * What lets a job go, or does not, that its record does not say.
 *
 * @param whenShort what was decided for it while pieces are missing; empty where nobody has decided
 * @param holdsQuote whether the customer pays what was quoted, whatever it costs by now
 */
public record Clearance(Optional<ShortChoice> whenShort, InvoiceState invoice, boolean holdsQuote) {

    public static final Clearance NONE = new Clearance(Optional.empty(), InvoiceState.UNKNOWN, false);
}
