package nobrec.server.posting.books;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nobrec.core.workorder.InvoiceState;
import nobrec.server.connection.Connection;
import nobrec.server.connection.KeyedJsonCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.connection.OutsidePath;
import nobrec.server.posting.BooksPort;
import nobrec.server.posting.FreightEntry;
import nobrec.server.posting.FreightLine;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Books that take JSON with a key (docs/outside-protocol.md). */
@Component
class BooksAdapter implements BooksPort {

    private final KeyedJsonCalls calls;

    BooksAdapter(KeyedJsonCalls calls) {
        this.calls = calls;
    }

    @Override
    public String adapterName() {
        return "books-json";
    }

    @Override
    public OutsideAnswer<String> addFreight(Connection connection, String key, String job, FreightLine line) {
        return calls.sendForText(connection, "POST", OutsidePath.of("invoices", job, "freight"), key, line);
    }

    @Override
    public OutsideAnswer<String> removeFreight(Connection connection, String key, String job, String lineKey) {
        String path = OutsidePath.of("invoices", job, "freight", lineKey, "removal");
        return calls.sendForText(connection, "POST", path, key, Map.of());
    }

    @Override
    public OutsideAnswer<String> addToNextInvoice(Connection connection, String key, String job, FreightLine line) {
        return calls.sendForText(connection, "POST", OutsidePath.of("orders", job, "next-invoice"), key, line);
    }

    @Override
    public OutsideAnswer<String> credit(Connection connection, String key, String job, String lineKey) {
        String path = OutsidePath.of("invoices", job, "freight", lineKey, "credit");
        return calls.sendForText(connection, "POST", path, key, Map.of());
    }

    @Override
    public OutsideAnswer<String> addEntry(Connection connection, String key, FreightEntry entry) {
        return calls.sendForText(connection, "POST", "/journal", key, entry);
    }

    @Override
    public OutsideAnswer<Map<String, InvoiceState>> invoices(Connection connection, String key, List<String> jobs) {
        return calls.send(connection, "POST", "/invoices/states", key, Map.of("orders", jobs))
                .then(BooksAdapter::states);
    }

    /** A state that we do not know is left out: it lets nothing go. */
    private static OutsideAnswer<Map<String, InvoiceState>> states(JsonNode body) {
        Map<String, InvoiceState> states = new HashMap<>();
        body.path("invoices")
                .valueStream()
                .forEach(each -> Arrays.stream(InvoiceState.values())
                        .filter(state -> state.name().equals(each.path("state").asString("")))
                        .forEach(state -> states.put(each.path("order").asString(""), state)));
        return new OutsideAnswer.Accepted<>(states);
    }
}
