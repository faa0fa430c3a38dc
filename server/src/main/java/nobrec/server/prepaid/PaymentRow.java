package nobrec.server.prepaid;

import java.time.Instant;
import org.joda.money.Money;

/** A row of table top_up: an amount that is paid into an account. */
record TopUpRow(
        long id, String carrierCode, Money amount, TopUpState state, String said, String askedBy, Instant askedAt) {}
