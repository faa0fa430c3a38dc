package nobrec.server.voiding;

import org.jspecify.annotations.Nullable;

/**
 * What is to be made void, kept as JSON in the outbox.
 *
 * @param bookingKey the key under which the carrier has it
 * @param askedBy who asked for it
 * @param packageNumber the one package to be voided; null where all are
 */
record VoidRequest(
        String bookingKey, String askedBy, @Nullable Integer packageNumber) {}
