package nobrec.server.booking;

import java.time.Instant;

/** Something still to be done for a shipment that has its tracking numbers. A row of table completion. */
public record Completion(
        long id, long shipmentId, Kind kind, int attempts, Instant nextTryAt, String answer, Instant since) {

    /** What is to be done. */
    enum Kind {
        /** Labels and packing slip are drawn and kept. */
        PAPERS("Its label and slip"),
        /** Its write-backs are stored, to be carried out. */
        POSTINGS("Its postings");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }
}
