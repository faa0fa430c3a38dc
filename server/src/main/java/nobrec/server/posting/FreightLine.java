package nobrec.server.posting;

import java.time.LocalDate;

/** The freight on a customer's invoice, kept as JSON in the outbox. The amount in the shop's currency, as it is written. */
public record FreightLine(String description, String amount, String tracking, LocalDate shipDate) {}
