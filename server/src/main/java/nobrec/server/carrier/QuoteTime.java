package nobrec.server.carrier;

import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.Optional;

/** Moments in carriers' quotes: ISO 8601 with its offset from UTC. */
public final class QuoteTime {

    private QuoteTime() {}

    public static Optional<Instant> read(String text) {
        try {
            return Optional.of(Instant.parse(text));
        } catch (DateTimeParseException noMoment) {
            return Optional.empty();
        }
    }
}
