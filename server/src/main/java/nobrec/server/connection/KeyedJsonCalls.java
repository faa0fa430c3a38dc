package nobrec.server.connection;

import java.net.http.HttpRequest;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** JSON with a key for each act, as docs/outside-protocol.md describes it. */
@Component
public class KeyedJsonCalls {

    private static final int DONE = 200;
    private static final int DONE_NOW = 201;
    private static final int NOT_FOUND = 404;
    private static final int REFUSED = 422;
    private static final List<String> ERRORS = List.of("error", "errors");

    private final HttpCalls calls;
    private final JsonMapper json;

    KeyedJsonCalls(HttpCalls calls, JsonMapper json) {
        this.calls = calls;
        this.json = json;
    }

    /** Sends a body, with a key under which the other side does it once however often it comes. */
    public OutsideAnswer<JsonNode> send(Connection connection, String method, String path, String key, Object body) {
        HttpRequest request = HttpCalls.request(connection, path)
                .header("Content-Type", "application/json")
                .header("Idempotency-Key", key)
                .method(method, HttpRequest.BodyPublishers.ofString(json.writeValueAsString(body)))
                .build();
        return calls.call(connection, request, (status, text) -> read(connection, key, status, text))
                .toARequest(connection.name());
    }

    /** The same; what the other side says it did is its text. */
    public OutsideAnswer<String> sendForText(
            Connection connection, String method, String path, String key, Object body) {
        return send(connection, method, path, key, body)
                .then(answer -> new OutsideAnswer.Accepted<>(answer.path("text").asString("")));
    }

    /** Sends a document as it is; what comes back is JSON as above. */
    public OutsideAnswer<JsonNode> sendDocument(
            Connection connection, String path, String key, String mediaType, String document) {
        HttpRequest request = HttpCalls.request(connection, path)
                .header("Content-Type", mediaType)
                .header("Idempotency-Key", key)
                .POST(HttpRequest.BodyPublishers.ofString(document))
                .build();
        return calls.call(connection, request, (status, text) -> read(connection, key, status, text))
                .toARequest(connection.name());
    }

    /** Asks what the other side has under a key. */
    public OutsideAnswer<JsonNode> lookUp(Connection connection, String path, String key) {
        HttpRequest request = HttpCalls.request(connection, path).GET().build();
        return calls.call(connection, request, (status, text) -> read(connection, key, status, text));
    }

    private OutsideAnswer<JsonNode> read(Connection connection, String key, int status, String text)
            throws UnclearAnswer {
        JsonNode body = object(text);
        boolean ofThisKey = body.path("key").asString("").equals(key);
        if (ofThisKey && (status == DONE || status == DONE_NOW)) {
            requireNoError(connection, status, body);
            return new OutsideAnswer.Accepted<>(body);
        }
        String reason = body.path("reason").asString("");
        if (ofThisKey && status == REFUSED) {
            return new OutsideAnswer.Refused<>(
                    UnclearAnswer.shown(reason), body.path("code").asString(""));
        }
        if (ofThisKey && status == NOT_FOUND) {
            return new OutsideAnswer.NotFound<>();
        }
        throw new UnclearAnswer(connection.name(), status, reason);
    }

    /** An answer that says done and speaks of an error says nothing that can be relied on. */
    private static void requireNoError(Connection connection, int status, JsonNode body) throws UnclearAnswer {
        boolean denied = body.path("ok").isBoolean() && !body.path("ok").booleanValue()
                || body.path("success").isBoolean() && !body.path("success").booleanValue();
        for (String name : ERRORS) {
            JsonNode error = body.path(name);
            boolean says =
                    error.isContainer() ? !error.isEmpty() : !error.asString("").isBlank();
            if (says || denied) {
                throw new UnclearAnswer(
                        connection.name(),
                        status,
                        says ? (error.isContainer() ? error.toString() : error.asString("")) : "");
            }
        }
    }

    /** What was sent, or an empty object when it is no JSON object. */
    private JsonNode object(String body) {
        try {
            JsonNode node = json.readTree(body);
            return node.isObject() ? node : json.createObjectNode();
        } catch (JacksonException notJson) {
            return json.createObjectNode();
        }
    }
}
