package nobrec.server.posting;

import java.time.LocalDate;

/** What the source of a record is told when it has been shipped, kept as JSON in the outbox. */
public record ShippingReport(String status, String carrier, String service, String tracking, LocalDate shipDate) {}
