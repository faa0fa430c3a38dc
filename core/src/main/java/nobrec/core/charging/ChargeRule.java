package nobrec.core.charging;

import java.math.BigDecimal;

/**
 * How a cost becomes what the customer pays.
 *
 * @param markupPercent of the freight cost
 * @param cartonsAtCost whether the cartons are billed at what they cost us
 */
public record ChargeRule(BigDecimal markupPercent, boolean cartonsAtCost) {}
