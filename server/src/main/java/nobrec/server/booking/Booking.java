package nobrec.server.booking;

import java.time.Instant;

/** The intent to book one consignment, under a key that books it once. A row of table carrier_booking. */
public record Booking(
        String bookingKey,
        long shipmentId,
        String carrierCode,
        BookingState state,
        String request,
        int attempts,
        Instant nextTryAt,
        String answer,
        Instant askedAt) {}
