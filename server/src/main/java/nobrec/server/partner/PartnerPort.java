package nobrec.server.partner;

import nobrec.server.connection.Adapter;
import nobrec.server.connection.Connection;
import nobrec.server.connection.OutsideAnswer;

/** How a partner gets what it is told. */
public interface PartnerPort extends Adapter {

    /**
     * What it gets.
     *
     * @param key under which the other side takes it once
     * @param name of its file
     * @param mediaType of its content
     */
    record Delivery(String key, String name, String mediaType, String text) {}

    /**
     * What the other side says of it.
     *
     * @param said in words
     * @param acknowledgment a document by which it acknowledges; empty text where it gave none yet
     */
    record Receipt(String said, String acknowledgment) {}

    /** Hands it over; the same key again is the same thing again. */
    OutsideAnswer<Receipt> deliver(Connection connection, Delivery delivery);

    /** Whether it is there once the partner comes for it. */
    default boolean isFetched() {
        return false;
    }
}
