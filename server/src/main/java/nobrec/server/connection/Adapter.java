package nobrec.server.connection;

import java.util.Set;

/** How one kind of system outside is spoken to. Each port (a carrier, the books, a scale ...) extends this. */
public interface Adapter {

    /** As connections name it; stays as it is once connections are kept with it. */
    String adapterName();

    /** What an address may begin with. */
    default Set<String> schemes() {
        return Set.of("https", "http");
    }
}
