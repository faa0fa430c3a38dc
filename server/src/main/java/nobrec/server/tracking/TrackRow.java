package nobrec.server.tracking;

import java.time.Instant;
import java.time.LocalDate;
import nobrec.core.tracking.Track;
import org.jspecify.annotations.Nullable;

/**
 * A row of table package_track.
 *
 * @param packages of the shipment, in all
 * @param movedAt when something happened to it last; at first when its label was bought
 * @param exceptionKey event that went wrong and was told; empty text for none
 * @param askAt nothing where the carrier is asked no more
 * @param fault why nothing was learned at the last time; empty text where all is well
 */
record TrackRow(
        long id,
        long shipmentId,
        int packageNumber,
        int packages,
        String trackingNumber,
        String carrierCode,
        String serviceCode,
        long siteId,
        String job,
        String receiver,
        String destination,
        String area,
        Instant shippedAt,
        LocalDate shipDate,
        LocalDate promise,
        Track.State state,
        Instant movedAt,
        String said,
        String exceptionKey,
        @Nullable LocalDate carrierDay,
        @Nullable Instant deliveredAt,
        @Nullable LocalDate deliveredOn,
        @Nullable Instant askAt,
        @Nullable Instant askedAt,
        String fault,
        int failures,
        @Nullable String closedBy,
        @Nullable Instant closedAt,
        boolean counted) {

    boolean needsNothingMore() {
        return state.isLast() || closedAt != null;
    }
}
