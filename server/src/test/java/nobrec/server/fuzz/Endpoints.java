package nobrec.server.fuzz;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Every act and list of the API, as its description in {@code docs/openapi.json} has them. */
final class Endpoints {

    /**
     * @param fields of its JSON body with their types; empty when it has none
     * @param required of its query
     */
    record Endpoint(String method, String path, Map<String, String> fields, List<String> required, boolean file) {

        /** The path with something for each of its parts. */
        String with(String part) {
            return path.replaceAll("\\{[^}]*}", part);
        }

        boolean hasPart() {
            return path.contains("{");
        }
    }

    private static final ObjectMapper JSON = new ObjectMapper();

    private Endpoints() {}

    static List<Endpoint> all() {
        JsonNode api;
        try {
            api = JSON.readTree(Files.readString(Path.of("../docs/openapi.json")));
        } catch (IOException missing) {
            throw new IllegalStateException(missing);
        }
        List<Endpoint> all = new ArrayList<>();
        api.path("paths")
                .properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(method -> all.add(
                                endpoint(api, path.getKey(), method.getKey().toUpperCase(), method.getValue()))));
        return all;
    }

    private static Endpoint endpoint(JsonNode api, String path, String method, JsonNode described) {
        JsonNode content = described.path("requestBody").path("content");
        Map<String, String> fields = new LinkedHashMap<>();
        String name =
                content.path("application/json").path("schema").path("$ref").asString("");
        if (!name.isEmpty()) {
            api.path("components")
                    .path("schemas")
                    .path(name.substring(name.lastIndexOf('/') + 1))
                    .path("properties")
                    .properties()
                    .forEach(field -> fields.put(
                            field.getKey(), field.getValue().path("type").asString("object")));
        }
        List<String> required = new ArrayList<>();
        described.path("parameters").forEach(parameter -> {
            if (parameter.path("in").asString().equals("query")
                    && parameter.path("required").asBoolean()) {
                required.add(parameter.path("name").asString());
            }
        });
        return new Endpoint(method, path, fields, required, content.has("multipart/form-data"));
    }
}
