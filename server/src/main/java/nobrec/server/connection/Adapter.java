package nobrec.server.connection;

import java.net.URI;

/** How one kind of system outside is spoken to. Each port (a carrier, the books, a scale ...) extends this. */
public interface Adapter {

    /** As connections name it; stays as it is once connections are kept with it. */
    String adapterName();

    /** Whether it can call something there. */
    default boolean canCall(URI address) {
        return "https".equalsIgnoreCase(address.getScheme()) || "http".equalsIgnoreCase(address.getScheme());
    }

    /** What such an address looks like, in words. */
    default String addressForm() {
        return "https:// or http://, the host and, if needed, port and path";
    }
}
