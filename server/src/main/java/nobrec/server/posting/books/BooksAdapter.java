package nobrec.server.posting.books;

import nobrec.server.connection.Connection;
import nobrec.server.connection.KeyedJsonCalls;
import nobrec.server.connection.OutsideAnswer;
import nobrec.server.connection.OutsidePath;
import nobrec.server.posting.BooksPort;
import nobrec.server.posting.FreightEntry;
import nobrec.server.posting.FreightLine;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Books that take JSON with a key (docs/outside-protocol.md). */
@Component
class BooksAdapter implements BooksPort {

    private final KeyedJsonCalls calls;
    private final JsonMapper json;

    BooksAdapter(KeyedJsonCalls calls, JsonMapper json) {
        this.calls = calls;
        this.json = json;
    }

    @Override
    public String adapterName() {
        return "books-json";
    }

    @Override
    public OutsideAnswer<String> addFreight(Connection connection, String key, String job, FreightLine line) {
        return post(connection, OutsidePath.of("invoices", job, "freight"), key, line);
    }

    @Override
    public OutsideAnswer<String> addEntry(Connection connection, String key, FreightEntry entry) {
        return post(connection, "/journal", key, entry);
    }

    private OutsideAnswer<String> post(Connection connection, String path, String key, Object body) {
        return calls.send(connection, "POST", path, key, json.writeValueAsString(body))
                .then(answer -> new OutsideAnswer.Accepted<>(answer.path("text").asString("")));
    }
}
