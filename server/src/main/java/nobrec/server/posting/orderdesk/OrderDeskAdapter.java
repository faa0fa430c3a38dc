package nobrec.server.posting.orderdesk;

import nobrec.server.connection.Connection;
import nobrec.server.connection.KeyedJsonCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.connection.OutsidePath;
import nobrec.server.posting.RecordSystemPort;
import nobrec.server.posting.ShippingReport;
import org.springframework.stereotype.Component;

/** Order desks that are told what became of an order as JSON with a key (docs/outside-protocol.md). */
@Component
class OrderDeskAdapter implements RecordSystemPort {

    private final KeyedJsonCalls calls;

    OrderDeskAdapter(KeyedJsonCalls calls) {
        this.calls = calls;
    }

    @Override
    public String adapterName() {
        return "orderdesk-json";
    }

    @Override
    public OutsideAnswer<String> report(Connection connection, String key, String order, ShippingReport report) {
        String path = OutsidePath.of("orders", order, "shipping");
        return calls.sendForText(connection, "PUT", path, key, report);
    }
}
