package nobrec.server.connection;

import java.net.URI;
import java.time.Duration;
import java.util.Optional;

/**
 * A system or device outside.
 *
 * @param code as the outbox calls it when it is the target of an entry; a carrier's is the carrier's code
 * @param adapter the name of the adapter that speaks with it
 * @param timeLimit for a whole answer
 */
public record Connection(
        String code, String name, String adapter, URI address, Duration timeLimit, Optional<Credentials> credentials) {

    /** An address below that of the connection. */
    URI at(String path) {
        return URI.create(address + path);
    }
}
