package nobrec.server.posting.books;

import nobrec.server.connection.Connection;
import nobrec.server.connection.KeyedJsonCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.connection.OutsidePath;
import nobrec.server.posting.BooksPort;
import nobrec.server.posting.FreightEntry;
import nobrec.server.posting.FreightLine;
import org.springframework.stereotype.Component;

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
    public OutsideAnswer<String> addEntry(Connection connection, String key, FreightEntry entry) {
        return calls.sendForText(connection, "POST", "/journal", key, entry);
    }
}
