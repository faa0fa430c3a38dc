package nobrec.standins.http;

import com.sun.net.httpserver.HttpExchange;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One request and its answer. An answer can be held back to be sent later or never. */
public final class Exchange {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final HttpExchange http;
    private final List<String> pathParts;
    private byte[] body;
    private boolean held;
    private boolean dropped;
    private Answer answer;

    @SuppressWarnings("ArrayRecordComponent")
    private record Answer(int status, String type, byte[] body) {}

    Exchange(HttpExchange http, List<String> pathParts) {
        this.http = http;
        this.pathParts = pathParts;
    }

    /** The part of the path that stood for the route's n-th variable, counted from zero. */
    public String pathPart(int index) {
        return pathParts.get(index);
    }

    public String header(String name) {
        String value = http.getRequestHeaders().getFirst(name);
        return value == null ? "" : value;
    }

    /** The key under which something is asked to be done once. */
    public String key() {
        return header("Idempotency-Key");
    }

    public JsonNode body() throws IOException {
        readBody();
        return JSON.readTree(body);
    }

    /** What was sent, as text. */
    public String text() throws IOException {
        readBody();
        return new String(body, StandardCharsets.UTF_8);
    }

    /** What was sent, as it is. */
    public byte[] bytes() throws IOException {
        readBody();
        return body;
    }

    public void bytes(int status, String type, byte[] content) throws IOException {
        answer(status, type, content);
    }

    /** Takes in what was sent, so that it is there when the caller has gone. */
    void readBody() throws IOException {
        if (body == null) {
            body = http.getRequestBody().readAllBytes();
        }
    }

    public Map<String, String> form() throws IOException {
        Map<String, String> fields = new HashMap<>();
        String text = new String(http.getRequestBody().readAllBytes(), StandardCharsets.UTF_8);
        for (String pair : text.split("&", -1)) {
            int equals = pair.indexOf('=');
            if (equals > 0) {
                fields.put(decode(pair.substring(0, equals)), decode(pair.substring(equals + 1)));
            }
        }
        return fields;
    }

    public void json(int status, Object value) throws IOException {
        answer(status, "application/json", JSON.writeValueAsBytes(value));
    }

    public void xml(int status, String document) throws IOException {
        answer(status, "application/xml; charset=utf-8", document.getBytes(StandardCharsets.UTF_8));
    }

    public void html(String page) throws IOException {
        page(200, page);
    }

    void page(int status, String page) throws IOException {
        answer(status, "text/html; charset=utf-8", page.getBytes(StandardCharsets.UTF_8));
    }

    public void redirect(String path) throws IOException {
        http.getResponseHeaders().set("Location", path);
        answer(303, "text/plain", new byte[0]);
    }

    void hold() {
        held = true;
    }

    void release() throws IOException {
        held = false;
        answer(answer.status(), answer.type(), answer.body());
    }

    /** The answer with every value of that name replaced, be it a field of JSON or an attribute of XML. */
    void releaseChanged(String name, String value) throws IOException {
        String text = new String(answer.body(), StandardCharsets.UTF_8)
                .replaceAll("(\\b" + name + "(?:\":|=)\")[^\"]*\"", "$1" + value + "\"");
        held = false;
        answer(answer.status(), answer.type(), text.getBytes(StandardCharsets.UTF_8));
    }

    /** The first half of the answer, as if the rest was lost. */
    void releaseHalf() throws IOException {
        held = false;
        answer(answer.status(), answer.type(), Arrays.copyOf(answer.body(), answer.body().length / 2));
    }

    /** The answer under another status. */
    void releaseAs(int status) throws IOException {
        held = false;
        answer(status, answer.type(), answer.body());
    }

    /** The answer in other letters than it says. */
    void releaseIn(Charset letters) throws IOException {
        held = false;
        answer(answer.status(), answer.type(), new String(answer.body(), StandardCharsets.UTF_8).getBytes(letters));
    }

    void setHeader(String name, String value) {
        http.getResponseHeaders().set(name, value);
    }

    /** A part of the query; empty text where it is not there. */
    public String query(String name) {
        String query = http.getRequestURI().getRawQuery();
        if (query == null) {
            return "";
        }
        return Arrays.stream(query.split("&"))
                .filter(pair -> pair.startsWith(name + "="))
                .map(pair -> decode(pair.substring(name.length() + 1)))
                .findFirst()
                .orElse("");
    }

    /** As if the other side had gone. */
    public void drop() {
        dropped = true;
        http.close();
    }

    private void answer(int status, String type, byte[] body) throws IOException {
        if (dropped) {
            return;
        }
        if (held) {
            answer = new Answer(status, type, body);
            return;
        }
        http.getResponseHeaders().set("Content-Type", type);
        http.sendResponseHeaders(status, body.length == 0 ? -1 : body.length);
        http.getResponseBody().write(body);
        http.close();
    }

    private static String decode(String text) {
        return URLDecoder.decode(text, StandardCharsets.UTF_8);
    }
}
