package nobrec.server.connection;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import nobrec.core.refusal.Refusal;

/** The adapters of one port, by name. */
public final class Adapters<A extends Adapter> {

    private final Map<String, A> byName;

    public Adapters(List<A> adapters) {
        byName = adapters.stream().collect(Collectors.toMap(Adapter::adapterName, Function.identity()));
    }

    /** The adapter by which a connection is spoken to. */
    public A of(Connection connection) {
        return named(connection.name(), connection.adapter());
    }

    public boolean has(String adapterName) {
        return byName.containsKey(adapterName);
    }

    /** @param connection as people call it */
    public A named(String connection, String adapterName) {
        A adapter = byName.get(adapterName);
        if (adapter == null) {
            throw Refusal.unusable(
                    connection,
                    "This version has no adapter “" + adapterName + "” for it.",
                    "Have the connection set to one of: "
                            + String.join(
                                    ", ", byName.keySet().stream().sorted().toList()) + ".");
        }
        return adapter;
    }
}
