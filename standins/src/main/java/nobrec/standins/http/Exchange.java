package nobrec.standins.http;

import com.sun.net.httpserver.HttpExchange;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
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
    private boolean held;
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

    public JsonNode body() throws IOException {
        return JSON.readTree(http.getRequestBody().readAllBytes());
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

    public void html(String page) throws IOException {
        answer(200, "text/html; charset=utf-8", page.getBytes(StandardCharsets.UTF_8));
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

    void drop() {
        http.close();
    }

    private void answer(int status, String type, byte[] body) throws IOException {
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
