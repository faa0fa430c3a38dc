package nobrec.server.prepaid;

import java.time.Instant;
import org.joda.money.Money;

/** A row of table account_payment: an amount that is paid into an account. */
record PaymentRow(
        long id, String carrierCode, Money amount, PaymentState state, String said, String askedBy, Instant askedAt) {}
