package nobrec.server.booking;

/** Where the intent to book a consignment stands. */
enum BookingState {
    /** Stored; the carrier was called or is about to be, or did not answer for certain. */
    ASKED,
    ACCEPTED,
    REFUSED
}
