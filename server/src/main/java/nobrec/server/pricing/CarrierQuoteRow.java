package nobrec.server.pricing;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A row of table carrier_quote.
 *
 * @param askedAbout fingerprint of what it was asked about
 * @param prices JSON, cents by service code
 */
record CarrierQuoteRow(
        long shipmentId,
        String carrierCode,
        String requestKey,
        String askedAbout,
        State state,
        String number,
        @Nullable Instant validUntil,
        String said,
        Instant askedAt,
        @Nullable String prices) {

    /** How far a question has come. */
    enum State {
        ASKED,
        QUOTED,
        SILENT
    }
}
