package nobrec.server.carrier;

import java.util.List;

/** What a carrier's driver takes, kept as JSON in the outbox. */
public record ManifestRequest(String day, List<String> trackingNumbers) {}
