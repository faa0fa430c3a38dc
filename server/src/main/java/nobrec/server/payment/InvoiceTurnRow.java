package nobrec.server.payment;

import java.time.Instant;

/**
 * The row of table invoice_turn.
 *
 * @param nextAt when the books are asked next
 */
record InvoiceTurnRow(Instant nextAt, int failures) {}
