package nobrec.server.device;

import java.util.List;
import nobrec.server.connection.Adapters;
import nobrec.server.connection.Connection;
import nobrec.server.connection.Connections;
import nobrec.server.connection.OutsideTransactions;
import org.springframework.stereotype.Component;

/** The scale at the bench, read through its connection's adapter. */
@Component
public class BenchScale {

    private final Connections connections;
    private final Adapters<ScalePort> adapters;

    BenchScale(Connections connections, List<ScalePort> adapters) {
        this.connections = connections;
        this.adapters = new Adapters<>(adapters);
    }

    public ScaleReading read() {
        Connection scale = connections.to(Connections.SCALE);
        OutsideTransactions.require(scale);
        return adapters.of(scale).read(scale);
    }
}
