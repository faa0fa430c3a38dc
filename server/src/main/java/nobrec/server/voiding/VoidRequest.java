package nobrec.server.voiding;

/**
 * What is to be made void, kept as JSON in the outbox.
 *
 * @param bookingKey the key under which the carrier has it
 * @param askedBy who asked for it
 */
record VoidRequest(String bookingKey, String askedBy) {}
