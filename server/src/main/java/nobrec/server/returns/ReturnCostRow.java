package nobrec.server.returns;

import nobrec.core.returns.ReturnReason;
import org.joda.money.Money;

/** What the returns of a customer for a reason cost. */
record ReturnCostRow(
        String customer, ReturnReason reason, int returns, int pieces, Money freight, Money customerPaid) {}
